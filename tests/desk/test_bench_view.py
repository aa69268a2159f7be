"""The lit bench and what draws it: the same by OpenGL and by rays, under a lamp one can move."""

from dataclasses import replace

import numpy as np
import pytest
from PyQt6.QtCore import Qt
from tests.helpers import ball_mesh, box_mesh

from numerus.desk.theme.palette import Theme
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.window import MainWindow
from numerus.geometry.rays import LIGHT, Camera


def test_a_view_is_drawn_anew_only_where_it_is_seen_otherwise(qtbot, monkeypatch) -> None:  # type: ignore[no-untyped-def]
    """Painted again it shows the picture it has; turned, lit, cut, or of other things it draws one."""
    renderer, draw, drawn = Renderer(), Renderer.draw, []
    monkeypatch.setattr(Renderer, "draw", lambda *told, **how: (drawn.append(1), draw(*told, **how))[1])
    view, box = BenchView(Theme(), renderer), Thing(box_mesh((10, 10, 10)), np.array([[200, 100, 50]], np.uint8))
    qtbot.addWidget(view)
    view.resize(200, 200)
    view.show_things([box])
    ways = (
        lambda: None, view.update, lambda: view.turn(20), lambda: view.move_lamp(0, 10), lambda: setattr(view, "cut_mm", 5),
        lambda: view.show_things([replace(box, alpha=0.5)], refit=False), lambda: None,
        lambda: view.show_things([replace(box, alpha=0.5, colours=box.colours.copy())], refit=False),
        lambda: view.show_things([replace(box, alpha=0.5, colours=box.colours + np.uint8(1))], refit=False),
    )  # fmt: skip
    many = [(do(), view.grab(), len(drawn))[2] for do in ways]
    assert many == [1, 1, 2, 3, 4, 5, 5, 5, 6], "the same mesh in the same colours is seen already"
    renderer.release()


@pytest.mark.parametrize("opengl", [True, False])
def test_both_renderers_show_the_same_outline(opengl: bool, qapp) -> None:  # type: ignore[no-untyped-def]
    """OpenGL and rays: a box fills the pixels it should, with colour, over a transparent ground."""
    renderer = Renderer(allow_opengl=opengl)
    box = Thing(box_mesh((10, 10, 10), (-5, -5, -5)), np.array([[200, 100, 50]], np.uint8))
    image = renderer.draw([box], Camera((0, 0, 0), 0, 0, 20), 100, 100)
    assert (image[..., 3] > 128).sum() == pytest.approx(2500, rel=0.05)
    assert image[50, 50, 0] > image[50, 50, 2] > 0
    assert image[2, 2, 3] == 0


@pytest.mark.parametrize("opengl", [True, False])
def test_the_lamp_can_be_moved_and_metal_throws_it_back(opengl: bool, qapp) -> None:  # type: ignore[no-untyped-def]
    """Light from the left lights the left of a ball; as metal it is darker, but for a glint between lamp and viewer."""
    renderer, ball = Renderer(allow_opengl=opengl), ball_mesh(8.0)
    grey, camera = np.full((len(ball.vertices), 3), 110, np.uint8), Camera((0, 0, 0), 0, 0, 20)
    left, right = np.array([-0.8, -0.6, 0.0]), np.array([0.8, -0.6, 0.0])
    seen = [renderer.draw([Thing(ball, grey)], camera, 100, 100, light=w)[..., 0].astype(int) for w in (left, right)]
    assert (seen[0] - seen[1])[30:70, 20:35].mean() > 20 < (seen[1] - seen[0])[30:70, 65:80].mean()
    metal = Thing(ball, grey, shine=np.full(len(ball.vertices), 255, np.uint8))
    shown = renderer.draw([metal], camera, 100, 100, light=left)[..., 0].astype(int)
    half = (left + [0, -1, 0]) / np.linalg.norm(left + [0, -1, 0])
    spot = 50 + round(8 * half[0] * 5)
    assert shown[50, spot] > seen[0][50, spot] + 40 and shown[50, 75] < seen[0][50, 75]
    renderer.release()


def test_the_lamp_moves_by_mouse_and_by_keys(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """With Ctrl, the figure stays as it stands; the lamp never goes under the table or past the zenith."""
    view = window.benches["paint"].figure.view
    camera = view.camera
    qtbot.keyClick(view, Qt.Key.Key_Right, Qt.KeyboardModifier.ControlModifier)
    assert view.camera == camera and view.lamp[0] > LIGHT[0]
    for _ in range(30):
        view.move_lamp(0, 10)
    assert 0.99 < view.lamp[2] < 1 and np.linalg.norm(view.lamp) == pytest.approx(1)
    for _ in range(30):
        view.move_lamp(0, -10)
    assert view.lamp[2] == pytest.approx(np.sin(np.radians(-20)))
