"""What a drawer is pulled by: how many, where, through what its screws go."""
