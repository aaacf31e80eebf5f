{{-- The house's type and colors on paper; the printer of pages knows tables and blocks, not grids. --}}
<style>
    @font-face { font-family: Archivo; font-weight: normal; src: url("{{ resource_path('fonts/archivo-regular.ttf') }}") format("truetype"); }
    @font-face { font-family: Archivo; font-weight: bold; src: url("{{ resource_path('fonts/archivo-bold.ttf') }}") format("truetype"); }
    @page { margin: 44pt 46pt 50pt; }
    body { font-family: Archivo, "DejaVu Sans"; font-size: 10.5pt; line-height: 1.32; color: #121d18; }
    .foot { position: fixed; bottom: -26pt; left: 0; right: 0; font-size: 8pt; color: #44534c; }
    .foot:after { content: " · page " counter(page); }
    .band { background: #17423a; color: #ffffff; margin-bottom: 12pt; }
    .band td { padding: 9pt 12pt; border: 0; vertical-align: middle; }
    .shop { font-size: 14pt; font-weight: bold; }
    .plate { text-align: right; }
    .plate span { background: #ffffff; color: #121d18; padding: 3pt 9pt; font-weight: bold; font-size: 13pt; }
    h1 { font-size: 23pt; line-height: 1.1; margin: 0 0 3pt; }
    h2 { font-size: 11.5pt; margin: 12pt 0 3pt; padding-bottom: 2pt; border-bottom: 1.2pt solid #17423a; }
    p { margin: 2pt 0; }
    ul { margin: 2pt 0; padding-left: 13pt; }
    li { margin: 0 0 2pt; }
    .line { color: #44534c; }
    .told { margin-top: 8pt; padding: 7pt 10pt; background: #eef1ee; }
    table { width: 100%; border-collapse: collapse; }
    th, td { text-align: left; vertical-align: top; padding: 3pt 6pt 3pt 0; }
    th { color: #44534c; font-weight: normal; font-size: 9pt; }
    .rows td, .rows th, .small td, .small th { border-bottom: .6pt solid #c4cdc9; }
    .pairs td { width: 33%; }
    .result { text-align: right; width: 24%; padding-right: 0; }
    .two td { width: 50%; padding: 0 12pt 0 0; }
    .two .last { padding: 0 0 0 12pt; }
    .photos { margin-top: 10pt; page-break-inside: avoid; }
    .photos td { width: 50%; padding-right: 10pt; font-size: 9pt; }
    .photos img { width: 236pt; }
    .chart { page-break-inside: avoid; }
    .chart img { width: 100%; margin-top: 4pt; }
    .well { margin-top: 12pt; padding: 8pt 10pt; border: 1.2pt solid #17423a; page-break-inside: avoid; }
    .lay .box { width: 18pt; }
    .lay .box span { display: block; margin-top: 3pt; width: 8pt; height: 8pt; border: 1pt solid #17423a; }
    .small { font-size: 8.5pt; }
    .small h2 { font-size: 10pt; }
</style>
