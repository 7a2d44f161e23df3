"""The command line: solve and export plan files without server or database; serve, back up, show the schema."""

from __future__ import annotations

import json
import sys
import time
from pathlib import Path
from typing import Any

import click

from vasculum import __version__
from vasculum.core.errors import VasculumError
from vasculum.core.flow import read_key
from vasculum.cutting.ways import AIMS, Aim
from vasculum.plan.document.reading import FaultyPlan, read_plan
from vasculum.plan.document.settings import SETTINGS
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.marking import marked
from vasculum.plan.telling.solution import Solution, solution_of
from vasculum.plan.telling.words import NOT_YET
from vasculum.solid.proof import prove

PLAN_FILE = click.argument("plan_file", type=click.Path(exists=True, dir_okay=False, path_type=Path))
DATA = click.option(
    "--data",
    type=click.Path(file_okay=False, path_type=Path),
    envvar="VASCULUM_DATA",
    help="Folder for the database; by default a folder of this user.",
)
PORT = click.option(
    "--port", type=click.IntRange(0, 65535), default=8017, show_default=True, help="0 takes any free port."
)
BY_ENDING = {
    ".json": "plan.json", ".csv": "parts.csv", ".xlsx": "parts.xlsx", ".svg": "drawing.svg", ".dxf": "drawing.dxf",
    ".pdf": "sheet.pdf", ".glb": "model.glb",
}  # fmt: skip


class _Commands(click.Group):
    """Refusals come out as one plain message with what would help, and exit status 2."""

    def invoke(self, context: click.Context) -> Any:
        try:
            return super().invoke(context)
        except FaultyPlan as refused:
            for fault in refused.faults:
                click.echo(f"{fault.where or 'the top'}: {fault.message}", err=True)
            raise click.exceptions.Exit(2) from refused
        except VasculumError as refused:
            click.echo(f"{refused.message} {refused.fix}".strip(), err=True)
            raise click.exceptions.Exit(2) from refused
        except OSError as refused:
            what = f"{refused.filename}: " if refused.filename else ""
            click.echo(f"{what}{refused.strerror or refused}.", err=True)
            raise click.exceptions.Exit(2) from refused


@click.group(cls=_Commands)
@click.version_option(__version__, prog_name="vasculum")
def main() -> None:
    """Plan drawers that fit spaces which already exist."""


def _solved(plan_file: Path) -> SolvedPlan:
    return marked(read_plan(plan_file.read_bytes()))


@main.command()
@PLAN_FILE
@click.option("--json", "as_json", is_flag=True, help="Everything, as JSON.")
@click.option("--why", "key", help="The chain of reasons behind one size, by its key place-id/name.")
def solve(plan_file: Path, as_json: bool, key: str | None) -> None:
    """Work a plan file out and print its parts and findings; whatever is found, only `check` exits with 1."""
    plan = _solved(plan_file)
    if key is not None:
        _print_why(plan, key, as_json)
        return
    solution = solution_of(plan, prove(plan))
    click.echo(solution.model_dump_json(indent=2) if as_json else _summary(solution))


def _print_why(plan: SolvedPlan, key: str, as_json: bool) -> None:
    from vasculum.plan.telling.why import tell

    chain = tell(plan, read_key(key))
    if as_json:
        click.echo(json.dumps([link.model_dump(mode="json") for link in chain], indent=2, ensure_ascii=False))
        return
    for link in chain:
        value = f"{link.value.text} ({link.value.other})" if link.value and link.value.other else NOT_YET
        if link.value and not link.value.other:
            value = link.value.text
        click.echo(f"{link.key}  {link.label}: {value}  [{link.origin}]")
        for line in (link.sentence, f"= {link.sum}" if link.sum else "", *link.compared, link.source):
            if line:
                click.echo(f"    {line}")


def _summary(solution: Solution) -> str:
    lines = []
    for part in solution.parts:
        sizes = " × ".join(s.value.text if s.value else NOT_YET for s in (part.length, part.width, part.thickness))
        hand = f" {part.hand}" if part.hand else ""
        lines.append(f"{' '.join(part.marks):6} {part.count} × {part.name}{hand}: {sizes}  {part.material}")
    lines += [f"{h.amount}: {h.what}{h.through and ', ' + h.through}" for h in solution.hardware]
    lines += [f"{f.severity}: {f.place_name}: {f.message} {f.fix}" for f in solution.findings]
    return "\n".join(lines)


@main.command()
@PLAN_FILE
def check(plan_file: Path) -> None:
    """Read a plan file, print what stands in the way of cutting; exit status 1 where something does."""
    plan = _solved(plan_file)
    findings = solution_of(plan, prove(plan)).findings
    for one in findings:
        click.echo(f"{one.severity}: {one.place_name}: {one.message} {one.fix}")
    if any(one.severity == "stop" for one in findings):
        sys.exit(1)


@main.command("prove")
@PLAN_FILE
def prove_command(plan_file: Path) -> None:
    """Put a plan file together in space; print where every piece stands, and what meets.

    Exit status 1 where something does.
    """
    from vasculum.plan.telling.assembled import assembled_of, meetings_shown, standing_shown

    plan = _solved(plan_file)
    proof = prove(plan)
    for line in standing_shown(plan):
        click.echo(line)
    click.echo(assembled_of(plan, proof).says)
    for one in meetings_shown(plan, proof):
        click.echo(f"stop: {one.message} {one.fix}")
    if proof.meetings:
        sys.exit(1)


@main.command("propose")
@PLAN_FILE
@click.option("--seconds", type=click.FloatRange(min=0), default=None, help="Stop looking after so many seconds.")
@click.option("--json", "as_json", is_flag=True, help="Everything, as JSON.")
@click.option("--place", default=None, help="Only this place of it is divided anew; what stands beside it stays.")
def propose_command(plan_file: Path, seconds: float | None, as_json: bool, place: str | None) -> None:
    """Ways to divide the first space of a plan file for the things on its list; the file is not changed."""
    from vasculum.proposing.asked import asked
    from vasculum.proposing.proposals import propose
    from vasculum.proposing.told import as_text

    plan = read_plan(plan_file.read_bytes())
    ends = None if seconds is None else time.monotonic() + seconds
    latest = next(every := propose(asked(plan, plan.space_order[0], place)))
    for better in every:
        if ends is not None and time.monotonic() >= ends:
            break
        latest = better
    click.echo(latest.model_dump_json(indent=2) if as_json else as_text(latest))


@main.command("layout")
@PLAN_FILE
@click.option("--aim", type=click.Choice(AIMS), help="Else as kept, or the fewest sheets.")
@click.option("--seconds", type=click.FloatRange(0, 3600), default=0, help="Look so long for fewer sheets.")
@click.option("--json", "as_json", is_flag=True, help="Everything with the cuts of each sheet, as JSON; sizes in mm.")
def layout_command(plan_file: Path, aim: Aim | None, seconds: float, as_json: bool) -> None:
    """Lay the parts of a plan file out on the sheets that they are cut from.

    Exit status 1 where a part comes out of none.
    """
    from vasculum.plan.telling.layouts import layouts_of
    from vasculum.plan.telling.sheets import rows_shown, way_of

    plan = _solved(plan_file)
    if seconds:
        from vasculum.cutting.search import is_installed
        from vasculum.proposing.sheets import with_better_layouts

        if not is_installed():
            click.echo("The search wants Python 3.12 or newer: laid out in strips.", err=True)
        plan = with_better_layouts(plan, seconds)
    rows = rows_shown(plan)
    if as_json:
        click.echo(layouts_of(plan, aim).model_dump_json(indent=2))
    for row in () if as_json else rows:
        way = way_of(row, aim)
        click.echo(f"{row.name}: {row.says}")
        offcut = f", largest offcut {' × '.join(way.offcut)}" if way.offcut else ""
        click.echo(f"  {way.sheets} sheets, {way.settings} settings, {way.cuts} cuts, {way.waste:.0%} waste{offcut}")
        for name in row.left:
            click.echo(f"  comes out of no sheet: {name}")
    if any(row.left for row in rows):
        sys.exit(1)


@main.command()
@PLAN_FILE
@click.option(
    "--to",
    "target",
    required=True,
    type=click.Path(dir_okay=False, path_type=Path),
    help="The file to write: .csv or .xlsx parts, .svg or .dxf drawing, .pdf print pack, .glb model, .json plan.",
)
def export(plan_file: Path, target: Path) -> None:
    """Write parts, drawing, print pack or model of a plan file."""
    from vasculum.export.files import EXPORTS

    if target.suffix not in BY_ENDING:
        raise click.BadParameter(f"{target.suffix or 'no ending'}: use {', '.join(BY_ENDING)}.", param_hint="--to")
    plan = _solved(plan_file)
    target.write_bytes(EXPORTS[BY_ENDING[target.suffix]].make(plan, None))
    if target.suffix == ".pdf":
        from vasculum.export.pdf.glyphs import unprintable

        for one in unprintable(plan.plan):
            click.echo(f"No font here has {' '.join(one.signs)} of {one.text!r}: a box stands for it.", err=True)
    click.echo(f"Wrote {target}.")


@main.command("measuring-sheet")
@click.option("--to", "target", required=True, type=click.Path(dir_okay=False, path_type=Path))
@click.option(
    "--for",
    "what",
    type=click.Choice([one.what for one in SETTINGS]),
    default="cabinet",
    show_default=True,
    help="Kind of space.",
)
def measuring(target: Path, what: str) -> None:
    """Write a blank measuring sheet to print."""
    from vasculum.export.pdf.measuring import measuring_sheet
    from vasculum.plan.document.settings import setting_named

    target.write_bytes(measuring_sheet(setting_named(what)))
    click.echo(f"Wrote {target}.")


@main.command()
def schema() -> None:
    """Print the JSON Schema of the plan file."""
    from vasculum.plan.document.schema import plan_schema

    click.echo(json.dumps(plan_schema(), indent=2, ensure_ascii=False))


@main.command()
@DATA
@PORT
def serve(data: Path | None, port: int) -> None:
    """Serve the app to this machine."""
    from vasculum.web.serving import serve_forever

    serve_forever(data, port, with_demo=False)


@main.command()
@DATA
@PORT
def demo(data: Path | None, port: int) -> None:
    """Serve the app with the demo in it."""
    from vasculum.web.serving import serve_forever

    serve_forever(data, port, with_demo=True)


@main.command()
@DATA
@click.argument("target", type=click.Path(dir_okay=False, path_type=Path))
def backup(data: Path | None, target: Path) -> None:
    """Write a whole copy of the database, also while the app is open."""
    from vasculum.store.copies import back_up
    from vasculum.store.database import database_file

    plans = back_up(database_file(data), target)
    click.echo(f"Wrote {target} and read it back: {plans} plan{'s' * (plans != 1)}.")


@main.command()
@DATA
@click.argument("copy", type=click.Path(dir_okay=False, path_type=Path))
def restore(data: Path | None, copy: Path) -> None:
    """Bring a backup back in place of what is there, also while the app is open; what is there is kept beside it."""
    from vasculum.store.copies import restore as brought_back
    from vasculum.store.database import database_file

    made = brought_back(copy, database_file(data))
    click.echo(f"Brought back {made.plans} plan{'s' * (made.plans != 1)} from {copy}.")
    if made.kept_before:
        click.echo(f"What was there before is kept as {made.kept_before}.")


@main.command()
@DATA
@click.option(
    "--from",
    "database",
    type=click.Path(dir_okay=False, path_type=Path),
    help="The database; by default that of --data.",
)
@click.argument("folder", type=click.Path(path_type=Path))
def salvage(data: Path | None, database: Path | None, folder: Path) -> None:
    """Write every plan that a damaged database still holds as a plan file into a new folder."""
    from vasculum.store.copies import salvage as saved
    from vasculum.store.database import database_file

    for one in saved(database or database_file(data), folder):
        state = "" if one.is_whole else ", damaged: no plan file any more"
        click.echo(f"Wrote {one.file} (revision {one.revision}{state}).")


@main.command()
def openapi() -> None:
    """Print the OpenAPI document of the web interface."""
    from vasculum.web.openapi import document

    click.echo(json.dumps(document(), indent=2, ensure_ascii=False))
