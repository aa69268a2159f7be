"""Money in whole pence: hundredths of the army's currency, so that shares add up to what was paid."""

from __future__ import annotations


def shared_pence(total: int, shares: int) -> list[int]:
    """A sum over ``shares`` equal takers, whole pence each; the first take what does not divide."""
    each, left = divmod(total, shares)
    return [each + (number < left) for number in range(shares)]


def money_text(pence: float, currency: str = "") -> str:
    """ "£ 3.45": a sum as it is read, rounded to the penny."""
    sign, whole = "-" if round(pence) < 0 else "", abs(round(pence))
    return f"{currency}{' ' if currency else ''}{sign}{whole // 100}.{whole % 100:02d}"
