@include('drawings::cutaways.bank.many', ['state' => $state, 'bank' => $state->bank()])
