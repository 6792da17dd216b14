<ul class="shelf-boxes">
    @foreach ($sheets as $sheet)
        <li>@part('plan.partials.on-shelf', ['mayTry' => $mayTry])</li>
    @endforeach
</ul>
