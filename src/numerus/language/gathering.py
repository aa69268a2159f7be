"""Gathers what the program may say: every sentence in the code, those with values in them as templates.

``f"{name} has {count} parts"`` is gathered as ``%1 has %2 parts``, ``counted(n, "part")`` as ``%n part(s)``. What is no word of the
interface is left out by where it stands: documentation, keys, what is compared, names of widgets' kinds, SQL, code.
"""

from __future__ import annotations

import ast
import json
import re
from collections.abc import Iterator, Sequence
from itertools import count
from pathlib import Path
from typing import Any

SILENT_ROOMS = ("cli", "demo", "formats", "language", "migrations", "profiles", "screenshots.py")
"""What they say is not said in the window: programs read it, it is the demo's own, or it is what this room works with."""

COUNTERS = {"counted": "%n {}(s)", "one_or_many": "%n {}(s)", "waits": "%n {}(s) wait(s)"}
UNSAID = """getattr setattr hasattr hold colour setObjectName field info debug warning critical exception getLogger cast TypeVar
    execute pragma encode decode open startswith endswith with_name with_suffix removeprefix removesuffix partition rpartition strip
    lstrip rstrip compile sub fullmatch match search findall property setProperty glob rglob joinpath deferred mapped_column ForeignKey
    einsum astype dtype setStyle setApplicationName fromisoformat njit replace find index count split field_validator"""
UNSAID_CALLS = frozenset(UNSAID.split())
"""What is handed to these is a key, a pattern, a file, never a word for people."""

KIND_AT = {"label": 1, "panel": 1, "button": 2}
"""Which argument of our small builders names a kind of the style sheet."""

UNSAID_KEYWORDS = ("kind", "colour", "align", "role", "encoding", "errors", "dtype")
NO_WORDS = re.compile(
    r"^(SELECT|INSERT|UPDATE|DELETE|PRAGMA|CREATE|BEGIN|DROP|ALTER|WITH|AND|OR) [A-Z_a-z]+|\bDESC$|^sqlite"  # SQL
    r"|<[a-z/!]|https?:|background:|padding:|font-size:|\bbody%1|void main|\\|^\(?\?:|^#|^/|%s|^-//|^--"  # markup, code
    r"|^[ ;:,%\d-]*%[aAbBdHMmYyS(]|^[A-Z0-9_-]+$|^utf-8$"  # formats of dates, constants
    r"|^[\w.%-]+\.(pdf|csv|ics|html|zip|svg|json|ttf|png|stl|wav|md|fresh|numerus)$|^\w+([./]\w[\w-]*)+$|^[a-z_]+_\w+$"  # files, modules
    r"|^[\w ]+ (Semi)?Bold$|^[a-z]+-(%?\d)+$"  # fonts, ids
)
FORMS = ";;"
"""What parts the forms a file dialog offers."""

HELD_OPEN = re.compile(r"\{[^{}]*\}")
PLACE = re.compile(r"%(?:\d+|n)")


def gathered(package: Path) -> dict[str, list[str]]:
    """Each sentence and where it is said, ``room/file.py:line``, in the order of rooms."""
    said: dict[str, list[str]] = {}
    for path in sorted((*package.rglob("*.py"), *package.rglob("*.json"))):
        inside = path.relative_to(package)
        if not set(inside.parts) & set(SILENT_ROOMS):
            text = path.read_text("utf-8")
            for words, line in spoken(ast.parse(text)) if path.suffix == ".py" else tabled(json.loads(text)):
                said.setdefault(words, []).append(f"{inside.as_posix()}:{line}")
    return said


def tabled(table: Any) -> Iterator[tuple[str, int]]:
    """What a table that ships says: keys and words of more than one word."""
    if isinstance(table, dict):
        for key, value in table.items():
            yield from tabled(key)
            yield from tabled(value)
    elif isinstance(table, list):
        for value in table:
            yield from tabled(value)
    elif isinstance(table, str) and " " in table and _is_said(table):
        yield table, 1


def spoken(module: ast.Module) -> Iterator[tuple[str, int]]:
    """Sentences of one module with their lines. One lower-case word alone may as well be a key: it is not asked for."""
    listener = _Listener()
    listener.visit(module)
    for words, line in listener.heard:
        if _is_said(words):
            yield words, line


def _is_said(words: str) -> bool:
    bare = PLACE.sub(" ", words)
    return (
        bool(re.search(r"[A-Za-z]{2,}", bare))
        and not NO_WORDS.search(words)
        and not re.fullmatch(r"[a-z][a-zA-Z-]*", words.strip())
    )


class _Listener(ast.NodeVisitor):
    def __init__(self) -> None:
        self.heard: list[tuple[str, int]] = []

    def visit_Module(self, node: ast.Module) -> None:
        self._body(node.body)

    def visit_ClassDef(self, node: ast.ClassDef) -> None:
        self._body(node.body)

    def visit_FunctionDef(self, node: ast.FunctionDef) -> None:
        for default in (*node.args.defaults, *node.args.kw_defaults):
            if default is not None:
                self.visit(default)
        self._body(node.body)

    def _body(self, statements: Sequence[ast.stmt]) -> None:
        for statement in statements:
            if not (isinstance(statement, ast.Expr) and isinstance(statement.value, ast.Constant)):  # documentation
                self.visit(statement)

    def visit_AnnAssign(self, node: ast.AnnAssign) -> None:
        if node.value is not None:
            self.visit(node.value)

    def visit_Compare(self, node: ast.Compare) -> None:
        for side in (node.left, *node.comparators):
            if not _keys_only(side):
                self.visit(side)

    def visit_Subscript(self, node: ast.Subscript) -> None:
        self.visit(node.value)
        if not _is_text(node.slice):
            self.visit(node.slice)

    def visit_MatchValue(self, node: ast.MatchValue) -> None:
        """What is compared is no word."""

    def visit_Call(self, node: ast.Call) -> None:
        called = _called(node)
        if called in COUNTERS and len(node.args) > 1 and _is_text(node.args[1]):
            self.heard.append((COUNTERS[called].format(_template(node.args[1])[0]), node.lineno))
            return self.visit(node.args[0])
        self.visit(node.func)
        for at, argument in enumerate(node.args):
            if not _is_key(called, at, argument):
                self.visit(argument)
        for keyword in node.keywords:
            if not (keyword.arg in UNSAID_KEYWORDS and _is_text(keyword.value)):
                self.visit(keyword.value)

    def visit_Constant(self, node: ast.Constant) -> None:
        if isinstance(node.value, str):
            self._hear(node)

    def visit_JoinedStr(self, node: ast.JoinedStr) -> None:
        self._hear(node)

    def visit_BinOp(self, node: ast.BinOp) -> None:
        if any(isinstance(part, str) and re.search("[A-Za-z]", part) for part in _parts(node)):
            self._hear(node)
        else:
            self.generic_visit(node)

    def _hear(self, node: ast.expr) -> None:
        words, values = _template(node)
        self.heard += [(form, node.lineno) for form in words.split(FORMS)]
        for value in values:
            self.visit(value)


def _parts(node: ast.expr) -> list[str | ast.expr]:
    """The words of an expression and the values between them."""
    if isinstance(node, ast.Constant) and isinstance(node.value, str):
        return [node.value]
    if isinstance(node, ast.JoinedStr):
        return [part.value if isinstance(part, ast.Constant) else part.value for part in node.values]  # type: ignore[union-attr, attr-defined, misc]
    if isinstance(node, ast.BinOp) and isinstance(node.op, ast.Add):
        return [*_parts(node.left), *_parts(node.right)]
    return [node]


def _template(node: ast.expr) -> tuple[str, list[ast.expr]]:
    words, values = "", []
    for part in _parts(node):
        if not isinstance(part, str):
            values.append(part)
            words += "{}"
        else:
            words += part
    return numbered(words), values


def numbered(words: str) -> str:
    """Every place held open, ``{}`` or ``{size:.1f}``, as Qt writes them: %1, %2.

    >>> numbered("Hole, {size:.1f} mm across, in {}")
    'Hole, %1 mm across, in %2'
    """
    found = count(1)
    return HELD_OPEN.sub(lambda _: f"%{next(found)}", words)


def _called(node: ast.Call) -> str:
    return (
        node.func.attr
        if isinstance(node.func, ast.Attribute)
        else node.func.id
        if isinstance(node.func, ast.Name)
        else ""
    )


def _is_key(called: str, at: int, argument: ast.expr) -> bool:
    if called.endswith("Error"):
        return at == 0 and _is_text(argument)
    if called in UNSAID_CALLS:
        return _is_text(argument) or isinstance(argument, ast.IfExp)
    return KIND_AT.get(called) == at


def _is_text(node: ast.expr) -> bool:
    return isinstance(node, ast.JoinedStr) or (isinstance(node, ast.Constant) and isinstance(node.value, str))


def _keys_only(node: ast.expr) -> bool:
    return _is_text(node) or (isinstance(node, (ast.Tuple, ast.List, ast.Set)) and all(map(_is_text, node.elts)))
