"""What is kept of what was used last."""

from __future__ import annotations

from vasculum.core.recent import Recent


def of(most: int, *words: str) -> Recent[str, str]:
    made: Recent[str, str] = Recent(most, len)
    for word in words:
        made.put(word[0], word)
    return made


def test_what_was_used_longest_ago_goes_first() -> None:
    kept = of(9, "ash", "box", "cap")
    assert kept.get("a") == "ash"
    kept.put("d", "die")
    assert [kept.get(key) for key in "abcd"] == ["ash", None, "cap", "die"]


def test_heavy_things_push_out_several() -> None:
    kept = of(10, "ash", "box", "cap", "drawers")
    assert [kept.get(key) for key in "abcd"] == [None, None, "cap", "drawers"]


def test_the_one_used_last_stays_however_heavy() -> None:
    kept = of(5, "ash", "boxes, boxes", "cases, cases")
    assert (len(kept), kept.get("b"), kept.get("c")) == (1, None, "cases, cases")


def test_what_is_put_again_is_kept_once() -> None:
    kept = of(9, "ash", "box", "apron", "cap")
    assert (len(kept), kept.get("a"), kept.get("b")) == (2, "apron", None)
