"""Findings: what a person should know before cutting. Wired like rules; words are rendered last."""
