"""Something is dry, cured or over: a sound, and a spoken word where the desktop has a voice. Both can be silent."""

from __future__ import annotations

import shutil
import tempfile
import wave
from collections.abc import Callable
from functools import cache
from pathlib import Path

import numpy as np
from PyQt6.QtCore import QObject, QProcess, pyqtSignal
from PyQt6.QtWidgets import QApplication

DRY, OVER = "dry", "over"
TONES_HZ = {DRY: (660.0, 880.0), OVER: (880.0, 660.0, 880.0, 660.0)}
TONE_S, RATE_HZ, LOUD = 0.22, 22_050, 0.4
PLAYERS = "pw-play", "paplay", "aplay"
MUTE = "mock"  # Qt's own engine that says nothing


class Announcer(QObject):
    """``told``: the words, whether they were heard or not. ``play`` and ``speak`` say whether they could."""

    told = pyqtSignal(str)

    def __init__(self, play: Callable[[str], bool] | None = None, speak: Callable[[str], bool] | None = None) -> None:
        super().__init__()
        self.silent = False
        self._play, self._speak = play or played, speak or Voice().say

    def hush(self) -> None:
        """Silent from now on, or not any more."""
        self.silent = not self.silent

    def tell(self, words: str, kind: str = OVER) -> None:
        self.told.emit(words)
        if self.silent:
            return
        if not self._play(kind):
            QApplication.beep()
        self._speak(words)


class Voice:
    """The desktop's own, looked for when it is first asked for."""

    def __init__(self) -> None:
        self._speech: object = None
        self._looked = False

    def say(self, words: str) -> bool:
        """False where there is no voice."""
        if not self._looked:
            self._looked, self._speech = True, _speech()
        if self._speech is None:
            return False
        self._speech.say(words)  # type: ignore[attr-defined]
        return True


def _speech() -> object:
    try:
        from PyQt6.QtTextToSpeech import QTextToSpeech
    except ImportError:  # its libraries are not on every desktop
        return None
    engines = [name for name in QTextToSpeech.availableEngines() if name != MUTE]
    return QTextToSpeech(engines[0]) if engines else None


def played(kind: str) -> bool:
    """A few tones by whatever player the desktop has; False where it has none."""
    player = next(filter(None, map(shutil.which, PLAYERS)), None)
    if player is None:
        return False
    started, _ = QProcess.startDetached(player, [str(sound_file(kind))])
    return bool(started)


@cache
def sound_file(kind: str) -> Path:
    """The tones as a file of this session."""
    path = Path(tempfile.mkdtemp(prefix="numerus-")) / f"{kind}.wav"
    with wave.open(str(path), "wb") as file:
        file.setnchannels(1)
        file.setsampwidth(2)
        file.setframerate(RATE_HZ)
        file.writeframes(tones(kind).astype("<i2").tobytes())
    return path


def tones(kind: str) -> np.ndarray:
    """Samples of -32767 to 32767 (n,): one tone after the other, each swelling and fading so that none clicks."""
    time_s = np.arange(round(TONE_S * RATE_HZ)) / RATE_HZ
    swell = np.sin(np.pi * time_s / TONE_S)
    return np.concatenate([32767 * LOUD * swell * np.sin(2 * np.pi * hz * time_s) for hz in TONES_HZ[kind]])
