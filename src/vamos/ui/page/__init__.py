"""The page of eights: one line of the page is one line of counts."""
