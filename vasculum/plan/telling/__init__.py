"""What a solution says: words, labels, findings, reasons, comparisons."""
