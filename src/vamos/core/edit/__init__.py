"""Every edit of a project, by subject: named functions Project → Project that change nothing they are given.

An edit that cannot be made raises InputError with words for the user. Takes, sections of the dance's clips and
ranges are named by their ids.
"""
