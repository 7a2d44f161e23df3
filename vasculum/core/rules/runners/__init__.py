"""What carries a drawer: what systems share (beside, rolling, sliding, lined, seated), and a file for
each that has more of its own."""
