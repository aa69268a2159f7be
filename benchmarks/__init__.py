"""Speed and memory, measured side by side with general libraries in one run."""
