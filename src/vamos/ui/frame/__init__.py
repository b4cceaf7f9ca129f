"""The frame round the work: route, middle, side, line at the bottom, menus, keys."""
