@include('stations.steps')
