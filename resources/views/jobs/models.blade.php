@foreach ($models as $model)
    <button type="button" data-machine="{{ json_encode($model->fill) }}"><b>{{ $model->name }}</b><small>{{ $model->about }}</small></button>
@endforeach
