"""Long work beside the window: tied to its document, stopped, refused, at fault."""

import contextlib
import io
import threading
import unittest
from pathlib import Path

from tests.support import FolderCase
from tests.ui.qt import WindowCase, application
from vamos.errors import MediaError, Stopped
from vamos.faults import report
from vamos.ui.work.runner import Runner
from vamos.ui.work.worker import LatestWorker, ListWorker


class RunnerCase(unittest.TestCase):
    def setUp(self) -> None:
        self.app = application()
        self.document: object = object()
        self.runner = Runner(lambda: self.document)
        self.addCleanup(self.runner.close)
        self.told: list[str] = []
        self.faults: list[str] = []
        self.done: list[object] = []
        self.runner.told.connect(self.told.append)
        self.runner.fault.connect(self.faults.append)

    def until(self, condition) -> None:
        import time

        end = time.monotonic() + 20
        while not condition():
            self.app.processEvents()
            time.sleep(0.002)
            self.assertLess(time.monotonic(), end)


class RunnerTest(RunnerCase):
    def test_one_after_another_in_order(self):
        order = []
        for k in range(3):
            self.runner.run(str(k), lambda _p, n=k: order.append(n) or n, self.done.append)
        self.until(lambda: len(self.done) == 3)
        self.assertEqual((order, self.done), ([0, 1, 2], [0, 1, 2]))
        self.assertFalse(self.runner.busy)

    def test_a_result_for_another_document_is_dropped(self):
        """What was begun for one project never lands in the next."""
        go = threading.Event()
        self.runner.run("slow", lambda _p: go.wait(5), self.done.append)
        self.document = object()
        go.set()
        self.until(lambda: not self.runner.busy)
        self.assertEqual((self.done, self.told), ([], []))

    def test_leaving_a_document_stops_its_work_and_what_waits(self):
        def endless(progress):
            while True:
                progress(0.5, "on and on")

        self.runner.run("endless", endless, self.done.append)
        self.runner.run("next", lambda _p: 1, self.done.append)
        self.runner.run_quietly("quiet", endless, self.done.append)
        self.runner.leave_document()
        self.until(lambda: not self.runner.busy and not self.runner.quiet_busy)
        self.assertEqual(self.done, [])

    def test_what_a_file_refuses_is_told_in_its_own_words(self):
        def refuse(_progress):
            raise MediaError("there is no sound in it.", file=Path("x.wav"))

        self.runner.run("Reading", refuse, self.done.append)
        self.until(lambda: self.told)
        self.assertIn("x.wav", self.told[0])
        self.assertEqual(self.faults, [])

    def test_a_fault_is_reported_without_private_paths_and_the_next_work_goes_on(self):
        def fault(_progress):
            raise ValueError("bad thing in /home/someone/secret/dance.vamos")

        with contextlib.redirect_stderr(io.StringIO()):
            self.runner.run("Listening", fault, self.done.append)
            self.runner.run("after", lambda _p: "fine", self.done.append)
            self.until(lambda: self.done)
        (words,) = self.faults
        self.assertIn("While: Listening", words)
        self.assertIn("ValueError: bad thing in (path)", words)
        self.assertNotIn("secret", words)
        self.assertEqual(self.done, ["fine"])

    def test_no_memory_is_said(self):
        def huge(_progress):
            raise MemoryError

        self.runner.run("Reading", huge, self.done.append)
        self.until(lambda: self.told)
        self.assertIn("not enough memory", self.told[0])

    def test_an_error_in_what_follows_does_not_block_the_queue(self):
        """The window's hook tells it; the next work is done all the same."""
        import sys

        caught = []
        hook = sys.excepthook
        sys.excepthook = lambda *found: caught.append(found[1])
        self.addCleanup(setattr, sys, "excepthook", hook)
        self.runner.run("a", lambda _p: 1, lambda _r: 1 / 0)
        self.runner.run("b", lambda _p: 2, self.done.append)
        self.until(lambda: self.done)
        self.assertIsInstance(caught[0], ZeroDivisionError)


class WorkerTest(RunnerCase):
    def test_the_latest_worker_lives_on_after_errors(self):
        """A refusal and a fault are told; the next wish is answered; what was open is let go of each time."""
        let_go = []

        def make(wish):
            if wish == "gone":
                raise MediaError("it cannot be read.", file=Path("f.mp4"))
            if wish == "bug":
                raise KeyError("x")
            if wish == "stop":
                raise Stopped
            return wish

        worker = LatestWorker("pictures", make, lambda: let_go.append(1))
        self.addCleanup(worker.close)
        ready, refused, faults = [], [], []
        worker.ready.connect(lambda wish, made: ready.append(made))
        worker.refused.connect(refused.append)
        worker.fault.connect(faults.append)
        with contextlib.redirect_stderr(io.StringIO()):
            for wish, where in (("gone", refused), ("bug", faults), ("fine", ready)):
                worker.ask(wish)
                self.until(lambda where=where: where)
        self.assertEqual((ready, len(let_go)), (["fine"], 2))

    def test_the_list_worker_does_each_once(self):
        made = []
        worker = ListWorker("thumbs", lambda wish: made.append(wish) or wish)
        self.addCleanup(worker.close)
        ready = []
        worker.ready.connect(lambda wish, _made: ready.append(wish))
        for wish in (1, 2, 1, 3, 2):
            worker.ask(wish)
        self.until(lambda: len(ready) == 3)
        self.assertEqual(made, [1, 2, 3])


class FaultsTest(unittest.TestCase):
    def test_a_report_names_places_in_the_program(self):
        try:
            raise RuntimeError("no")
        except RuntimeError as error:
            words = report("trying", error)
        self.assertIn("RuntimeError: no", words)
        self.assertNotIn("/", words.splitlines()[-1].split(":")[0].replace("tests/ui/", ""))


class WindowFaultTest(WindowCase, FolderCase):
    def setUp(self) -> None:
        FolderCase.setUp(self)
        WindowCase.setUp(self)

    def test_work_for_one_project_is_dropped_when_another_opens(self):
        """A song still listened to when another project opens does not come into it."""
        from tests.support import write_song
        from vamos.core.document.files import save
        from vamos.core.model.project import Project

        write_song(self.folder / "long.wav", 120, 120)
        save(Project(name="other"), self.folder / "other.vamos")
        self.drop(self.folder / "long.wav")
        self.assertTrue(self.window.busy)
        self.window.session.open(self.folder / "other.vamos")
        self.idle()
        self.assertIsNone(self.window.session.project.song)
        self.assertEqual(self.window.session.project.name, "other")

    def test_a_fault_is_told_and_can_be_pasted(self):
        self.window.tell_fault("Vamos 1\nWhile: x")
        self.assertIn("your project is safe", self.window.status.words.text())
        self.assertEqual(self.app.clipboard().text(), "Vamos 1\nWhile: x")

    def test_a_project_that_breaks_the_program_still_lets_it_start(self):
        """Whatever a file does, the window opens and says so."""
        from unittest import mock

        from vamos.ui import app

        with (
            mock.patch.object(self.window.session, "open", side_effect=RuntimeError("odd")),
            contextlib.redirect_stderr(io.StringIO()),
        ):
            app.open_first(self.window, [self.folder / "x.vamos"])
        self.assertIn("Vamos itself", self.window.status.words.text())
        app.open_first(self.window, [self.folder / "none.vamos"])
        self.assertIn("none.vamos", self.window.status.words.text())

    def test_exceptions_in_threads_are_told(self):
        import sys

        from vamos.ui.app import FaultTeller

        hooks = sys.excepthook, threading.excepthook
        self.addCleanup(lambda: (setattr(sys, "excepthook", hooks[0]), setattr(threading, "excepthook", hooks[1])))
        FaultTeller(self.window).install()
        with contextlib.redirect_stderr(io.StringIO()):
            thread = threading.Thread(target=lambda: 1 / 0, name="stray")
            thread.start()
            thread.join()
            self.until(lambda: "Vamos itself" in self.window.status.words.text(), "told")
        self.assertIn("the thread stray", self.app.clipboard().text())


if __name__ == "__main__":
    unittest.main()
