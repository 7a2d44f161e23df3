# Two commands for a fresh machine: `make demo` and `make test`. Needs Python 3.11+, Node 20+ and make.
# The newest interpreter there is: from 3.12 on the search for fewer sheets is installed too.
PYTHON ?= $(shell sh tools/newest_python.sh)
BIN := .venv/bin
RUN := $(BIN)/python -m vasculum
PORT ?= 8017
FRONT := frontend/index.html frontend/vite.config.ts frontend/package-lock.json $(shell find frontend/src -type f)
PIP := $(BIN)/python -m pip install --quiet --disable-pip-version-check --require-hashes --no-deps
COMPILE := $(BIN)/uv pip compile --quiet --universal --generate-hashes --python-version 3.11 --no-header --no-emit-index-url --no-emit-find-links pyproject.toml

.PHONY: demo serve test check front types lock format bench random-plans soak wheel screenshots clean

demo: .make/run vasculum/web/static/index.html  ## install, build, serve the demo on 127.0.0.1
	$(RUN) demo --port $(PORT)

serve: .make/run vasculum/web/static/index.html  ## the same without the demo
	$(RUN) serve --port $(PORT)

test: check vasculum/web/static/index.html .make/browser  ## everything CI runs
	$(BIN)/python -m pytest --numprocesses auto

check: .make/dev .make/node  ## linters, strict types, import contracts, locks, API types
	$(BIN)/ruff format --check .
	$(BIN)/ruff check .
	$(BIN)/mypy
	PYTHONPATH=. $(BIN)/lint-imports --no-logo
	$(BIN)/python tools/lock_check.py
	cd frontend && npx biome ci src && npx tsc --noEmit
	$(RUN) openapi | diff -u frontend/src/api/openapi.json - || (echo "The API changed: run make types" && false)
	cd frontend && npx openapi-typescript src/api/openapi.json | diff -u src/api/schema.gen.d.ts - || (echo "The API types are old: run make types" && false)

front: vasculum/web/static/index.html  ## build the front end

vasculum/web/static/index.html: $(FRONT) | .make/node
	cd frontend && npx vite build --logLevel warn

types: .make/dev .make/node  ## API document and TypeScript types, from the models
	$(RUN) openapi > frontend/src/api/openapi.json
	cd frontend && npx openapi-typescript src/api/openapi.json -o src/api/schema.gen.d.ts

format: .make/dev .make/node
	$(BIN)/ruff format . && $(BIN)/ruff check --fix . && cd frontend && npx biome check --write src

lock: .make/dev  ## after changing pyproject.toml
	$(COMPILE) -o requirements.lock
	$(COMPILE) --extra dev -o requirements-dev.lock

bench: .make/dev vasculum/web/static/index.html .make/browser  ## measure the budgets
	$(BIN)/python tools/bench.py
	$(BIN)/python tools/bench_sheets.py

random-plans: .make/dev  ## draw 2,000 plans of any kind, put each together, and count what clashes
	$(BIN)/python tools/random_plans.py

soak: .make/dev  ## kills, hostile calls, many clients, full disk, stale journals, two servers: an hour of bad luck, counted
	$(BIN)/python tools/soak.py

wheel: .make/dev vasculum/web/static/index.html  ## a wheel that carries the built front end
	$(BIN)/python -m build --no-isolation --wheel

screenshots: .make/dev vasculum/web/static/index.html .make/browser  ## renew docs/screenshots from the demo
	$(BIN)/python tools/screenshots.py

clean:
	rm -rf .venv .make dist vasculum/web/static frontend/node_modules

.make/venv:
	$(PYTHON) -m venv .venv
	mkdir -p .make && touch $@

.make/run: requirements.lock | .make/venv
	$(PIP) -r requirements.lock
	touch $@

.make/dev: requirements-dev.lock | .make/venv
	$(PIP) -r requirements-dev.lock
	touch $@ .make/run

.make/node: frontend/package-lock.json frontend/package.json
	cd frontend && npm ci --no-audit --no-fund --loglevel=error
	mkdir -p .make && touch $@

.make/browser: | .make/dev
	$(BIN)/python tools/find_browser.py
	touch $@
