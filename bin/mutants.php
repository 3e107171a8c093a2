<?php

/**
 * Whether the tests of the core would notice: rules are changed one sign at a time, and the tests that name their class run on each.
 *   php bin/mutants.php [--seed N] [--minutes N] [FILE ...]
 * Without files a seeded sample of the rule classes is taken. Nothing in the tree is touched: a changed class stands in var/mutants and
 * is loaded before the real one. Prints each survivor and the score; exits with 1 below 85 of 100.
 */

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

$root = dirname(__DIR__);
require "$root/vendor/autoload.php";
chdir($root);

const WANTED = 85;
const RULES = ['Judgement', 'Measuring', 'Timing', 'Chamber', 'Fitting', 'Torquing', 'ValveGear', 'Closing', 'Scheduling'];
const SWAPPED = [
    '+' => '-', '-' => '+', '*' => '/', '/' => '*', '<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '===',
    '&&' => '||', '||' => '&&',
];

/** One change of one file: what stood from here to there, and what stands instead. */
final readonly class Mutant
{
    public function __construct(public string $file, public int $line, public int $from, public int $to, public string $was, public string $is)
    {
    }

    public function source(): string
    {
        $source = (string) file_get_contents($this->file);

        return substr($source, 0, $this->from).$this->is.substr($source, $this->to);
    }

    public function __toString(): string
    {
        return "$this->file:$this->line  ".trim($this->was).'  →  '.($this->is === '' ? 'nothing' : trim($this->is));
    }
}

/** @return list<Mutant> */
function mutantsOf(string $file): array
{
    $source = (string) file_get_contents($file);
    $visitor = new class($file, $source) extends NodeVisitorAbstract
    {
        /** @var list<Mutant> */
        public array $found = [];

        public function __construct(private readonly string $file, private readonly string $source)
        {
        }

        public function enterNode(Node $node): null
        {
            match (true) {
                $node instanceof Expr\BinaryOp && isset(SWAPPED[$node->getOperatorSigil()]) => $this->swapped($node),
                $node instanceof Expr\BooleanNot => $this->instead($node, substr($this->source, $node->expr->getStartFilePos(), $node->expr->getEndFilePos() - $node->expr->getStartFilePos() + 1)),
                $node instanceof Expr\ConstFetch && in_array($node->name->toLowerString(), ['true', 'false'], true) => $this->instead($node, $node->name->toLowerString() === 'true' ? 'false' : 'true'),
                $node instanceof Node\Stmt\Expression && ($node->expr instanceof Expr\MethodCall || $node->expr instanceof Expr\StaticCall) => $this->instead($node, ''),
                default => null,
            };

            return null;
        }

        private function swapped(Expr\BinaryOp $node): void
        {
            [$from, $to] = [$node->left->getEndFilePos() + 1, $node->right->getStartFilePos()];
            $between = substr($this->source, $from, $to - $from);
            $sigil = $node->getOperatorSigil();
            // a bracket or a comment between the two is left alone
            if (trim($between) === $sigil) {
                $this->found[] = new Mutant($this->file, $node->getStartLine(), $from, $to,
                    substr($this->source, $node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1), str_replace($sigil, SWAPPED[$sigil], $between));
            }
        }

        private function instead(Node $node, string $is): void
        {
            [$from, $to] = [$node->getStartFilePos(), $node->getEndFilePos() + 1];
            $this->found[] = new Mutant($this->file, $node->getStartLine(), $from, $to, substr($this->source, $from, $to - $from), $is);
        }
    };
    $traverser = new NodeTraverser($visitor);
    $traverser->traverse((new ParserFactory)->createForHostVersion()->parse($source) ?? []);

    return $visitor->found;
}

/** @return list<string> the tests that name a class, or those of its folder */
function testsOf(string $file): array
{
    $class = basename($file, '.php');
    $naming = array_filter(glob('core/tests/{*/,}*Test.php', GLOB_BRACE) ?: [],
        static fn (string $test): bool => ! str_contains($test, 'ArchitectureTest') && preg_match('/\b'.$class.'\b/', (string) file_get_contents($test)) === 1);
    $folder = 'core/tests/'.explode('/', $file)[2];

    return array_values(array_unique([...$naming, ...is_dir($folder) ? [$folder] : []]));
}

/** @return array{resource, Mutant, float}|null running; null where the change is no PHP any more */
function begin(Mutant $mutant, int $slot): ?array
{
    $folder = "var/mutants/$slot";
    is_dir($folder) || mkdir($folder, 0777, true);
    $class = 'Moltrek\\Core\\'.strtr(substr($mutant->file, strlen('core/src/'), -4), '/', '\\');
    file_put_contents("$folder/mutant.php", $mutant->source());
    // after the loader of the packages, which puts itself before every other
    file_put_contents("$folder/prepend.php", '<?php require '.var_export(getcwd().'/vendor/autoload.php', true).'; spl_autoload_register(static function (string $class): void { if ($class === '.var_export($class, true)
        .') { require '.var_export(getcwd()."/$folder/mutant.php", true).'; } }, true, true);');
    exec('php -l '.escapeshellarg("$folder/mutant.php").' 2>&1', $output, $status);
    if ($status !== 0) {
        return null;
    }
    $process = proc_open(['timeout', '90', 'php', '-d', 'memory_limit=1G', '-d', "auto_prepend_file=$folder/prepend.php", 'vendor/bin/pest', '--bail', ...testsOf($mutant->file)],
        [1 => ['file', "$folder/out.log", 'w'], 2 => ['file', "$folder/out.log", 'a']], $pipes);

    return is_resource($process) ? [$process, $mutant, microtime(true)] : null;
}

$given = getopt('', ['seed:', 'minutes:'], $rest);
$files = array_slice($argv, $rest);
mt_srand((int) ($given['seed'] ?? 1));
$until = microtime(true) + 60 * (float) ($given['minutes'] ?? 14);
if ($files === []) {
    $files = array_merge(...array_map(static fn (string $folder): array => glob("core/src/$folder/*.php") ?: [], RULES));
}
$mutants = array_merge(...array_map(mutantsOf(...), $files), ...[[]]);
shuffle($mutants);
$killed = $count = 0;
$survivors = $running = [];
while ($running !== [] || ($mutants !== [] && microtime(true) < $until)) {
    foreach ([0, 1] as $slot) {
        if (! isset($running[$slot]) && $mutants !== [] && microtime(true) < $until) {
            $begun = begin(array_pop($mutants), $slot);
            if ($begun !== null) {
                $running[$slot] = $begun;
            }
        }
        $state = isset($running[$slot]) ? proc_get_status($running[$slot][0]) : null;
        if ($state !== null && ! $state['running']) {
            [$process, $mutant] = $running[$slot];
            proc_close($process);
            unset($running[$slot]);
            $count++;
            $state['exitcode'] === 0 ? $survivors[] = $mutant : $killed++;
            if ($state['exitcode'] === 0) {
                echo "survives  $mutant\n";
            }
        }
    }
    usleep(20_000);
}
$score = $count === 0 ? 0 : (int) floor(100 * $killed / $count);
echo "$count mutants, $killed killed: $score of 100\n";
exit($score >= WANTED ? 0 : 1);
