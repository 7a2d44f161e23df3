"""What holds runners to the case: what stands behind them, how far screws reach into walls, where holes come."""
