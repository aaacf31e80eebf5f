<details class="dj-bay dj-more">
    <summary>Bench tests, kit and tools <small>{{ count($page->tests) }}</small></summary>
    <ul class="dj-rows dj-families">
        @foreach ($page->tests as $test)
            <li>
                <p><span><b>{{ $test['do'] }}</b><br>{{ $test['how'] }}</span></p>
            </li>
        @endforeach
        <li>
            <p><span><b>A kit has</b><br>{{ $page->has }}</span></p>
        </li>
        <li>
            <p><span><b>A kit usually lacks</b><br>{{ $page->lacks }}</span></p>
        </li>
        <li>
            <p><span><b>Tools</b><br>{{ $page->tools }}</span></p>
        </li>
    </ul>
</details>
<details class="dj-bay dj-more">
    <summary>Checks that apply <small>{{ count($page->wrong->checks) }}</small></summary>
    <ul class="dj-rows dj-families">
        @foreach ($page->wrong->checks as $check)
            <li>
                <p><span><b>{{ $check['do'] }}</b><br>{{ $check['how'] }}</span></p>
            </li>
        @endforeach
    </ul>
</details>
