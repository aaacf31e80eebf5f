<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <title>{{ $page->title }}</title>
    <style>
        body {
            font-family: "DejaVu Sans", sans-serif;
            font-size: 10pt;
            color: #121d18;
        }

        h1 {
            font-size: 18pt;
            margin: 0 0 2pt;
        }

        h2 {
            font-size: 11pt;
            margin: 12pt 0 3pt;
            border-bottom: 1pt solid #17423a;
        }

        ul {
            margin: 2pt 0;
            padding-left: 14pt;
        }

        p {
            margin: 2pt 0;
        }

        .rep-chart {
            page-break-inside: avoid;
        }

        .rep-shop {
            color: #17423a;
            font-weight: bold;
        }

        .rep-line {
            color: #44534c;
        }

        table {
            width: 100%;
            border-collapse: collapse;
        }

        th,
        td {
            text-align: left;
            padding: 2pt 4pt;
            border-bottom: .5pt solid #b4bfba;
            font-size: 9pt;
        }
    </style>
</head>

<body>
    @include('reports.body')
    @if ($page->chart)
        <div class="rep-chart"><h2>The last pressure test: what the gauge showed, and where the most that may leak would run</h2>
        <img src="{{ $page->chartImage() }}" alt="{{ $page->chart->label }}" width="100%"></div>
    @endif
</body>

</html>
