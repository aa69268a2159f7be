"""Less motion for those whom it disturbs: as the desktop says, or as it was chosen here."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QObject, Qt
from PyQt6.QtWidgets import QApplication

EFFECTS = (
    Qt.UIEffect.UI_AnimateCombo, Qt.UIEffect.UI_AnimateMenu, Qt.UIEffect.UI_FadeMenu, Qt.UIEffect.UI_AnimateTooltip,
    Qt.UIEffect.UI_FadeTooltip, Qt.UIEffect.UI_AnimateToolBox,
)  # fmt: skip
BLINK_MS = 1060  # a cursor's usual time from bright to bright
PORTAL = "org.freedesktop.portal.Desktop", "/org/freedesktop/portal/desktop", "org.freedesktop.portal.Settings"
ANIMATIONS = "org.gnome.desktop.interface", "enable-animations"  # where desktops of any kind tell it through the portal


def hold_still(still: bool) -> None:
    """Nothing of the toolkit slides, fades or blinks; or as usual."""
    for effect in EFFECTS:
        QApplication.setEffectEnabled(effect, not still)
    QApplication.setCursorFlashTime(0 if still else BLINK_MS)


def ask_desktop(about: QObject, then: Callable[[bool], None]) -> None:
    """Tells ``then`` that the desktop wants no motion, where it answers and says so; nobody waits for it."""
    from PyQt6.QtDBus import QDBusConnection, QDBusMessage, QDBusPendingCallWatcher, QDBusReply

    bus = QDBusConnection.sessionBus()
    if not bus.isConnected():
        return
    asked = QDBusMessage.createMethodCall(*PORTAL, "Read")
    asked.setArguments(list(ANIMATIONS))
    watcher = QDBusPendingCallWatcher(bus.asyncCall(asked), about)

    def answered(_: QDBusPendingCallWatcher) -> None:
        reply: QDBusReply = QDBusReply(watcher)
        if reply.isValid() and wants_still(reply.value()):
            then(True)
        watcher.deleteLater()

    watcher.finished.connect(answered)


def wants_still(value: object) -> bool:
    """Whether an answer of the portal says that nothing is to move: a false, in as many wrappings as desktops put round it."""
    while hasattr(value, "variant"):
        value = value.variant()
    return value is False
