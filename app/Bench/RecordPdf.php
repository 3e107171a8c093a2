<?php

namespace App\Bench;

use Dompdf\Dompdf;

/** The record as a PDF, made on the server from the same document as the screen and the JSON file. */
final readonly class RecordPdf
{
    private const STYLE = '@page { margin: 16mm 14mm 18mm } body { font-family: "DejaVu Sans", sans-serif; font-size: 8.5pt; line-height: 1.3 } h1 { font-size: 15pt; margin: 0 }'
        .' h2 { font-size: 10.5pt; margin: 12pt 0 2pt; border-top: 1pt solid #111; padding-top: 3pt; page-break-after: avoid }'
        .' table { width: 100%; border-collapse: collapse } th { text-align: left; font-size: 7.5pt; color: #444 } td, th { border-bottom: 0.3pt solid #bbb; padding: 1.5pt 6pt 1.5pt 0; vertical-align: top }'
        .' tr { page-break-inside: avoid } .quiet { color: #555 } .map { display: inline-block; margin: 4pt 14pt 4pt 0; font-size: 7.5pt } .struck { text-decoration: line-through; color: #666 } .foot { border-top: 1pt solid #111; font-weight: bold; margin-top: 12pt; padding-top: 3pt }';

    public function __construct(private RecordTables $record)
    {
    }

    public function content(): string
    {
        $pdf = new Dompdf(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'tempDir' => storage_path('framework/cache'), 'fontCache' => storage_path('framework/cache')]);
        $pdf->setPaper('A4');
        $pdf->loadHtml('<!doctype html><html><head><meta charset="utf-8"><style>'.self::STYLE.'</style></head><body>'.$this->body().'</body></html>');
        $pdf->render();
        $canvas = $pdf->getCanvas();
        $canvas->page_text(40, $canvas->get_height() - 36, 'Page {PAGE_NUM} of {PAGE_COUNT}', $pdf->getFontMetrics()->getFont('DejaVu Sans') ?? '', 7);

        return (string) $pdf->output();
    }

    private function body(): string
    {
        $record = $this->record;
        [$title, $lines] = $record->heading();
        $html = '<h1>'.self::text($title).'</h1>'.implode('', array_map(static fn (string $line): string => '<div class="quiet">'.self::text($line).'</div>', $lines));
        foreach ($record->all() as $table) {
            $html .= self::table($table['title'], $table['columns'], $table['rows']).($table['title'] === 'Torque' ? $this->maps() : '');
        }

        return $html.'<p class="foot">'.self::text(RecordView::CAUTION).'</p>';
    }

    private function maps(): string
    {
        return implode('', array_map(static fn (array $map): string => sprintf(
            '<div class="map"><img src="data:image/svg+xml;base64,%s" style="height: 42mm"><br>%s, in its order</div>', base64_encode($map[1]), self::text($map[0])), $this->record->maps()));
    }

    /**
     * @param  list<string>  $columns
     * @param  list<list<string>>  $rows
     */
    private static function table(string $title, array $columns, array $rows): string
    {
        return '<h2>'.self::text($title).'</h2><table><tr>'.implode('', array_map(static fn (string $column): string => '<th>'.self::text($column).'</th>', $columns)).'</tr>'
            .implode('', array_map(static fn (array $row): string => '<tr>'.self::cells($row).'</tr>', $rows)).'</table>';
    }

    /** @param  list<string>  $row */
    private static function cells(array $row): string
    {
        return implode('', array_map(static fn (string $cell): string => '<td>'.self::text($cell).'</td>', $row));
    }

    private static function text(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES);
    }
}
