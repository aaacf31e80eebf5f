Common practice; the 30 days are from memory. The engine's manual and the rules of the place come first.
