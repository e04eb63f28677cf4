.PHONY: demo dev test hunt hunt-browser bench screenshots fmt types

demo: ## Build, load the demo workroom and serve it
	@scripts/demo.sh

dev: ## Server and web application while they are being changed, on a workroom of their own
	@scripts/dev.sh

test: ## Everything, the browser included
	@scripts/test.sh

hunt: ## Try every property on many more cases, by other chance each time
	@scripts/hunt.sh

hunt-browser: ## The browser tests fifty times over, with both cores kept busy
	@scripts/hunt.sh browser

bench: ## Print the figures of docs/benchmarks.md
	@scripts/bench.sh

screenshots: ## Write docs/screenshots from the demo data
	@scripts/screenshots.sh

fmt: ## Format the Rust code
	@cargo fmt --all

types: ## Bring the web application's types up to the server's
	@cargo run --quiet -p vemble -- openapi > web/openapi.json
	@npm --prefix web run --silent types
