"""The manual page and the completions that ship say what the parser says now."""

import shutil
import subprocess
import unittest

from tools.cli_docs import FOLDER, texts


class ShellDocsTest(unittest.TestCase):
    def test_they_are_those_of_the_parser(self):
        """After changing arguments: python tools/cli_docs.py."""
        for name, text in texts().items():
            with self.subTest(name):
                self.assertEqual((FOLDER / name).read_text(), text)

    def test_the_page_names_every_command_and_its_options(self):
        page = texts()["vamos.1"].replace("\\-", "-")
        for words in ("vamos song", "vamos page", "--section", "--fade", "--stop", "vamos pack", "--profile"):
            self.assertIn(words, page)

    @unittest.skipUnless(shutil.which("bash"), "there is no bash")
    def test_bash_completes_commands_and_options(self):
        script = f"source {FOLDER / 'vamos'}; COMP_WORDS=(vamos song --t); COMP_CWORD=2; "
        script += 'f=$(complete -p vamos | sed -E "s/.*-F ([^ ]+).*/\\1/"); $f; echo "${COMPREPLY[@]}"; '
        script += 'COMP_WORDS=(vamos ver); COMP_CWORD=1; $f; echo "${COMPREPLY[@]}"'
        done = subprocess.run(["bash", "-c", script], capture_output=True, text=True, check=True)
        self.assertEqual(done.stdout.split(), ["--title", "--to", "verify"])


if __name__ == "__main__":
    unittest.main()
