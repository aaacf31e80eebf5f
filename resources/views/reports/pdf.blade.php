<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <title>{{ $page->title }}</title>
    @include('reports.paper')
</head>

<body>
    <div class="foot">{{ $page->head->shop }} · {{ $page->head->number }} · {{ $page->head->machine }}</div>
    <table class="band">
        <tr>
            <td class="shop">{{ $page->head->shop }}</td>
            <td class="plate"><span>{{ $page->head->number }}</span></td>
        </tr>
    </table>
    <h1>{{ $page->head->machine }}</h1>
    <p class="line">{{ $page->head->engine }} @if ($page->head->serial)
            · serial {{ $page->head->serial }}
            @endif @if ($page->head->customer)
                · for {{ $page->head->customer }}
            @endif
        <br>Taken in {{ $page->head->opened }} · {{ $page->head->handedBack }}
    </p>
    @if ($page->head->complaint)
        <p class="told"><b>You told us:</b> {{ $page->head->complaint }}</p>
    @endif
    <table class="two">
        <tr>
            <td>
                <h2>What was wrong, and how we know</h2>
                @include('reports.sentences', ['sentences' => $page->story->wrong])
            </td>
            @if ($page->story->done)
                <td class="last">
                    <h2>What was done</h2>
                    @include('reports.sentences', ['sentences' => $page->story->done])
                </td>
            @endif
        </tr>
    </table>
    @if ($page->pairs)
        <h2>Before and after</h2>
        <table class="rows pairs">
            <tr>
                <th></th>
                <th>As it came</th>
                <th>As it goes</th>
            </tr>
            @foreach ($page->pairs as $pair)
                <tr>
                    <td>{{ $pair->what }}</td>
                    <td>{{ $pair->before }}</td>
                    <td><b>{{ $pair->after }}</b></td>
                </tr>
            @endforeach
        </table>
    @endif
    @include('reports.pictures')
    <div class="chart">
        <h2>Proved before it goes home</h2>
        <table class="rows">
            @foreach ($page->tests->checks as $check)
                <tr>
                    <td>{{ $check['do'] }}</td>
                    <td class="result"><b>{{ $check['result'] }}</b></td>
                </tr>
            @endforeach
        </table>
        @foreach ($page->tests->overrides as $override)
            <p class="line">{{ $override }}</p>
        @endforeach
    </div>
    <div class="well"><b>So that it stays well.</b> {{ $page->advice }}
        @foreach ($page->record->advice as $advice)
            <br><b>{{ $advice['what'] }}:</b> {{ $advice['text'] }}
        @endforeach
    </div>
    @include('reports.lay-up')
    <div class="small">@include('reports.work')</div>
</body>

</html>
