<details class="dj-more" id="ends" tabindex="-1" @if ($work->isScrap) open @endif>
    <summary>It waits, another carburetor, or back as it is</summary>
    @include('stations.wait')
    @include('forms.open', ['form' => $page->form, 'kind' => 'carburetor_replaced', 'class' => 'dj-override'])
        <label for="ends-what">Another carburetor was fitted: which</label>
        <div class="dj-tap"><input class="form-control" id="ends-what" name="what" maxlength="200" required
                autocomplete="off"><button type="submit" class="btn btn-secondary">Fitted</button></div>
        <p class="dj-fine">What lay inside the old one is accounted for. The rest goes back on; its screws are set and
            it is proved like any other.</p>
    </form>
    @include('forms.open', ['form' => $page->form, 'kind' => 'returned_unrepaired', 'class' => 'dj-override'])
        <label for="ends-reason">It goes back unrepaired: why</label>
        <div class="dj-tap"><input class="form-control" id="ends-reason" name="reason" maxlength="400" required
                autocomplete="off"><button type="submit" class="btn btn-secondary">Return it</button></div>
        <p class="dj-fine">The reason stands in the report. Nothing is proved, so nothing is promised.</p>
    </form>
</details>
