"""The interface's words in other languages: gathered from the code, kept in Qt's own form, found again in what is said."""
