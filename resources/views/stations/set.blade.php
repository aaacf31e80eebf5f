@include('stations.screws')
