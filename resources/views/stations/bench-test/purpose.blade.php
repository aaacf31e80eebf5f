<div class="dj-field"><label for="purpose-{{ $of }}">Watched for</label><select class="form-select"
        id="purpose-{{ $of }}" name="purpose">
        <option value="hold">a hold</option>
        <option value="pops">pops</option>
    </select></div>
