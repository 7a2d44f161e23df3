"""What a solved plan is made of: pieces with their cuts, bodies, goods. Numbers and keys, no words."""
