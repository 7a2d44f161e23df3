"""Verbs that change a document, and patches that carry a change."""
