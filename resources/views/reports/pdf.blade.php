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

        p {
            margin: 2pt 0;
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

<body>@include('reports.body')</body>

</html>
