import "../css/app.css"; document.title="x"
