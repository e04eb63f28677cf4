//! A headless Chromium with a profile of its own.

use std::future::Future;
use std::io::{BufRead, BufReader};
use std::os::unix::process::CommandExt;
use std::path::PathBuf;
use std::process::{Child, Command, Stdio};
use std::sync::atomic::{AtomicU32, Ordering};
use std::time::{Duration, Instant};

use fantoccini::actions::{InputSource, MOUSE_BUTTON_LEFT, MouseActions, PointerAction};
use fantoccini::elements::Element;
use fantoccini::wd::WindowHandle;
use fantoccini::{Client, ClientBuilder, Locator};
use hyper_util::client::legacy::connect::HttpConnector;
use serde_json::{Value, json};
use vemble_fit::{Job, Solution, solve};

/// After this long what is waited for is given up; it is far more than anything takes.
const PATIENCE: Duration = Duration::from_secs(40);
const LOOK_AGAIN: Duration = Duration::from_millis(60);
/// So often a driver is started before that is given up.
const STARTS: u32 = 5;

/// What the product is looked at on.
#[derive(Debug, Clone, Copy)]
pub struct Screen {
    width: u32,
    height: u32,
    touch: bool,
}

impl Screen {
    /// A screen of so many pixels, touched where it is narrow.
    #[must_use]
    pub const fn of(width: u32, height: u32) -> Screen {
        Screen { width, height, touch: width < 800 }
    }

    /// Its width and height in pixels.
    #[must_use]
    pub const fn size(&self) -> [u32; 2] {
        [self.width, self.height]
    }
}

/// A laptop on the sewing table.
pub const DESK: Screen = Screen { width: 1280, height: 800, touch: false };
/// A telephone in one hand.
pub const PHONE: Screen = Screen { width: 390, height: 844, touch: true };

/// A driver and the port it listens at. Its free port may be taken between its looking and its listening: then it ends
/// without a word, and another is started.
fn driver() -> (Child, String) {
    for _ in 0..STARTS {
        let mut driver = Command::new("chromedriver")
            .arg("--port=0")
            .stdout(Stdio::piped())
            .stderr(Stdio::null())
            .process_group(0)
            .spawn()
            .expect("chromedriver, of Debian's package chromium-driver");
        let port = BufReader::new(driver.stdout.take().expect("its words"))
            .lines()
            .map_while(Result::ok)
            .find_map(|line| line.split("successfully on port ").nth(1).map(|rest| rest.replace('.', "")));
        if let Some(port) = port {
            return (driver, port);
        }
        driver.kill().and_then(|()| driver.wait()).map(drop).unwrap_or_default();
    }
    panic!("chromedriver never said its port, started {STARTS} times");
}

/// A browser on the product; everything it started ends when it is dropped.
pub struct Browser {
    driver: Child,
    profile: PathBuf,
    client: Client,
    /// Where the driver listens.
    driven_at: String,
    home: String,
}

impl Browser {
    /// Opens a browser on a page of the product at `home`.
    ///
    /// # Panics
    /// When Chromium or its driver is not installed.
    pub async fn open(home: &str, screen: Screen) -> Browser {
        static COUNT: AtomicU32 = AtomicU32::new(0);
        let number = COUNT.fetch_add(1, Ordering::Relaxed);
        let profile = std::env::temp_dir().join(format!("vemble-browser-{}-{number}", std::process::id()));
        let (driver, port) = driver();
        let driven_at = format!("http://127.0.0.1:{port}");
        let profile_flag = format!("--user-data-dir={}", profile.display());
        let flags = [
            "--headless",
            "--no-sandbox",
            "--disable-gpu",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--disable-dev-shm-usage",
            "--lang=en-GB",
            &profile_flag,
        ];
        let metrics = json!({
            "width": screen.width, "height": screen.height, "pixelRatio": 1.0,
            "mobile": screen.touch, "touch": screen.touch,
        });
        let options = json!({ "args": flags, "mobileEmulation": { "deviceMetrics": metrics } });
        let capabilities =
            json!({ "goog:chromeOptions": options, "goog:loggingPrefs": { "browser": "ALL" } });
        let client = ClientBuilder::new(HttpConnector::new())
            .capabilities(capabilities.as_object().expect("an object").clone())
            .connect(&driven_at)
            .await
            .expect("Chromium, of Debian's package chromium");
        let browser = Browser { driver, profile, client, driven_at, home: home.to_owned() };
        browser.goto("/").await;
        browser
    }

    /// Opens a browser on the demo workroom, through its button.
    pub async fn open_demo(home: &str, screen: Screen) -> Browser {
        let browser = Browser::open(home, screen).await;
        browser.press("Open the demo workroom").await;
        browser.see("On the rail").await;
        browser
    }

    /// Goes to a page of the product.
    ///
    /// # Panics
    /// When the page does not load.
    pub async fn goto(&self, path: &str) {
        self.client.goto(&format!("{}{path}", self.home)).await.expect("the page loads");
    }

    /// Leaves the product, as closing its window does.
    ///
    /// # Panics
    /// When the browser is gone.
    pub async fn goto_blank(&self) {
        self.client.goto("about:blank").await.expect("an empty page");
    }

    /// Opens one more window of this browser on a page of the product, and goes on in it; the window it was in.
    ///
    /// # Panics
    /// When the browser opens none.
    pub async fn another_window(&self, path: &str) -> WindowHandle {
        let here = self.client.window().await.expect("a window");
        let other = self.client.new_window(true).await.expect("another window");
        self.client.switch_to_window(other.handle).await.expect("it is there");
        self.goto(path).await;
        here
    }

    /// Goes on in a window that is open, before the others as whoever looks at it has it; the window it was in.
    ///
    /// # Panics
    /// When it was closed.
    pub async fn in_window(&self, window: WindowHandle) -> WindowHandle {
        let here = self.client.window().await.expect("a window");
        self.client.switch_to_window(window).await.expect("it is there");
        self.ask("Page.bringToFront", json!({})).await;
        here
    }

    /// Closes the window it is in and goes on in another.
    ///
    /// # Panics
    /// When that one was closed.
    pub async fn close_window(&self, next: WindowHandle) {
        self.client.close_window().await.expect("it was open");
        self.client.switch_to_window(next).await.expect("it is there");
        self.ask("Page.bringToFront", json!({})).await;
    }

    /// Where the browser is.
    ///
    /// # Panics
    /// When the browser is gone.
    pub async fn path(&self) -> String {
        self.client.current_url().await.expect("a page").path().to_owned()
    }

    /// Waits until something is so, and says what was waited for when it never comes.
    ///
    /// # Panics
    /// When it never comes.
    pub async fn until<F: Future<Output = bool>>(&self, what: &str, mut is_so: impl FnMut() -> F) {
        let begun = Instant::now();
        while !is_so().await {
            if begun.elapsed() > PATIENCE {
                panic!("on the screen:\n{}\nnever came: {what}", self.text("body").await);
            }
            tokio::time::sleep(LOOK_AGAIN).await;
        }
    }

    /// Waits until some words stand on the screen.
    pub async fn see(&self, words: &str) {
        self.see_in("body", words).await;
    }

    /// Waits until some words stand in a part of the screen.
    pub async fn see_in(&self, css: &str, words: &str) {
        self.until(&format!("{words:?} in {css}"), || async { self.text(css).await.contains(words) }).await;
    }

    /// Waits until what was changed is shown as saved.
    pub async fn see_saved(&self) {
        self.until("Saved", || async { self.text("[data-testid=saved]").await == "Saved" }).await;
    }

    /// Tells the page that the connection is back, as the browser does: what waits for its turn is sent now.
    pub async fn comes_online(&self) {
        self.run("window.dispatchEvent(new Event('online'))", Value::Null).await;
    }

    /// The words of a part of the screen; empty when it is not there.
    pub async fn text(&self, css: &str) -> String {
        self.texts(css).await.join("\n")
    }

    /// The words of every part that a selector finds.
    pub async fn texts(&self, css: &str) -> Vec<String> {
        let script = "return [...document.querySelectorAll(arguments[0])].map(e => e.innerText)";
        serde_json::from_value(self.run(script, json!([css])).await).expect("texts")
    }

    /// The cells of a table, row by row.
    pub async fn table(&self, css: &str) -> Vec<Vec<String>> {
        let script = "return [...document.querySelectorAll(arguments[0] + ' tbody tr')]\
            .map(row => [...row.cells].map(cell => cell.innerText.trim()))";
        serde_json::from_value(self.run(script, json!([css])).await).expect("cells")
    }

    /// Presses the button or link of that name.
    pub async fn press(&self, name: &str) {
        let xpath = format!(
            "//*[self::button or self::a or @role='radio' or self::label]\
             [normalize-space(.)={name:?} or @aria-label={name:?}]"
        );
        self.click(Locator::XPath(&xpath), name).await;
    }

    /// Presses the first thing a selector finds.
    pub async fn press_at(&self, css: &str) {
        self.click(Locator::Css(css), css).await;
    }

    /// Presses at one place of the window, moves to another and lets go there.
    ///
    /// # Panics
    /// When either lies outside the window.
    pub async fn drag(&self, from: [f64; 2], to: [f64; 2]) {
        let go = |[x, y]: [f64; 2]| PointerAction::MoveTo { duration: Some(Duration::from_millis(80)), x, y };
        let middle = [(from[0] + to[0]) / 2.0, (from[1] + to[1]) / 2.0];
        let hand = MouseActions::new("hand".to_owned())
            .then(go(from))
            .then(PointerAction::Down { button: MOUSE_BUTTON_LEFT })
            .then(go(middle))
            .then(go(to))
            .then(PointerAction::Up { button: MOUSE_BUTTON_LEFT });
        self.client.perform_actions(hand).await.expect("a hand");
    }

    /// A thing is pressed as soon as it is there, can be used, and nothing lies over it. While a window over the page
    /// opens, a press would land beside what is still on its way.
    async fn click(&self, at: Locator<'_>, name: &str) {
        let opening =
            "return !!document.querySelector('.ant-modal.ant-zoom-enter, .ant-modal.ant-zoom-appear')";
        self.until(&format!("{name:?} to press"), || async {
            if self.run(opening, json!([])).await != json!(false) {
                return false;
            }
            match self.client.find(at).await {
                Ok(found) => found.is_enabled().await.unwrap_or(false) && found.click().await.is_ok(),
                Err(_) => false,
            }
        })
        .await;
    }

    /// Fills the field with that label, as hands do: what stood there is rubbed out.
    ///
    /// # Panics
    /// When it cannot be typed in.
    pub async fn fill(&self, label: &str, text: &str) {
        let field = self.field(label).await;
        field.click().await.expect("the field takes the cursor");
        field.send_keys("\u{E009}a\u{E000}\u{E003}").await.unwrap_or_else(|error| panic!("{label}: {error}"));
        if !text.is_empty() {
            field.send_keys(text).await.expect("typed");
        }
    }

    /// Hands a file to the field with that label, as picking one does.
    ///
    /// # Panics
    /// When it takes none.
    pub async fn hand(&self, label: &str, file: &std::path::Path) {
        let field = self.field(label).await;
        field.send_keys(&file.to_string_lossy()).await.expect("a file taken");
    }

    /// What stands in the field with that label.
    ///
    /// # Panics
    /// When it has no value.
    pub async fn value(&self, label: &str) -> String {
        self.field(label).await.prop("value").await.expect("the field").unwrap_or_default()
    }

    /// The field with that label or name.
    async fn field(&self, label: &str) -> Element {
        let xpath = format!(
            "//input[@name={label:?} or @aria-label={label:?} or @id=//label[normalize-space(.)={label:?}]/@for]"
        );
        self.until(&format!("a field {label:?}"), || async {
            self.client.find(Locator::XPath(&xpath)).await.is_ok()
        })
        .await;
        self.client.find(Locator::XPath(&xpath)).await.expect("found before")
    }

    /// Chooses an option of the list with that label.
    pub async fn choose(&self, label: &str, option: &str) {
        let list = format!(
            "//*[contains(@class,'ant-select')][.//input[@id=//label[normalize-space(.)={label:?}]/@for \
             or @aria-label={label:?}]]"
        );
        self.click(Locator::XPath(&list), label).await;
        // While the list slides open, a press lands on the option that was there a moment ago.
        let moving = "return !!document.querySelector(\".ant-select-dropdown[class*='-enter'], \
            .ant-select-dropdown[class*='-appear']\")";
        self.until("the list to lie still", || async { self.run(moving, json!([])).await == json!(false) })
            .await;
        let item = format!(
            "//*[contains(@class,'ant-select-item-option') and starts-with(normalize-space(.),{option:?})]"
        );
        self.click(Locator::XPath(&item), option).await;
    }

    /// Presses keys wherever the cursor is.
    ///
    /// # Panics
    /// When nothing takes them.
    pub async fn keys(&self, keys: &str) {
        // What had the focus may have gone a moment ago: then nothing was typed, and what has it now is typed at.
        self.until(&format!("something to type {keys:?} at"), || async {
            match self.client.active_element().await {
                Ok(active) => active.send_keys(keys).await.is_ok(),
                Err(_) => false,
            }
        })
        .await;
    }

    /// Presses one key on the page itself.
    ///
    /// # Panics
    /// When the page does not take it.
    pub async fn key_on_page(&self, key: &str) {
        let script = "window.dispatchEvent(Object.assign(new KeyboardEvent('keydown', \
            { key: arguments[0], bubbles: true })))";
        self.run(&script.replace("window.", "document.body."), json!([key])).await;
    }

    /// Runs a script in the page.
    ///
    /// # Panics
    /// When it throws.
    pub async fn run(&self, script: &str, arguments: Value) -> Value {
        let arguments = arguments.as_array().cloned().unwrap_or_default();
        self.client.execute(script, arguments).await.expect("the script runs")
    }

    /// Runs a script in the page that hands its result to its last argument.
    ///
    /// # Panics
    /// When it throws, or never does.
    pub async fn run_async(&self, script: &str, arguments: Value) -> Value {
        let arguments = arguments.as_array().cloned().unwrap_or_default();
        self.client.execute_async(script, arguments).await.expect("the script runs")
    }

    /// Runs a script in every page from now on, before any of the page's own.
    ///
    /// # Panics
    /// When the driver refuses it.
    pub async fn on_every_page(&self, script: &str) {
        self.ask("Page.addScriptToEvaluateOnNewDocument", json!({ "source": script })).await;
    }

    /// From now on its owner has asked their device for less motion.
    ///
    /// # Panics
    /// When the driver refuses it.
    pub async fn with_less_motion(&self) {
        let less = json!({ "name": "prefers-reduced-motion", "value": "reduce" });
        self.ask("Emulation.setEmulatedMedia", json!({ "features": [less] })).await;
    }

    /// Asks the browser itself for something.
    async fn ask(&self, what: &str, params: Value) {
        let session = self.client.session_id().await.ok().flatten().expect("a session");
        let asked = json!({ "cmd": what, "params": params });
        ureq::post(format!("{}/session/{session}/goog/cdp/execute", self.driven_at))
            .content_type("application/json")
            .send(asked.to_string())
            .expect("the browser does it");
    }

    /// A window in the demo workroom at a place of one of its fittings, with that fitting's id.
    pub async fn open_fitting(home: &str, screen: Screen, number: u32, place: &str) -> (Browser, String) {
        let browser = Browser::open_demo(home, screen).await;
        let fitting = crate::demo_fitting(number);
        browser.goto(&format!("/fittings/{fitting}/{place}")).await;
        (browser, fitting)
    }

    /// Lets a friend into the fitting at whose mirror it is; the words for them.
    ///
    /// # Panics
    /// When no words are shown.
    pub async fn invite(&self) -> String {
        self.press("A friend reads").await;
        self.press("Show the words and the code").await;
        let shown = "[data-testid=guest-words]";
        self.until("words", || async { self.texts(shown).await.len() == 1 }).await;
        self.text(shown).await
    }

    /// Comes into a fitting as a friend.
    ///
    /// # Panics
    /// When the words do not let it in.
    pub async fn join(&self, words: &str, name: &str) {
        self.goto(&format!("/join#{}", words.trim().replace(' ', "-"))).await;
        self.see("Read for a friend").await;
        self.fill("Your name", name).await;
        self.press("Come in").await;
        self.see("pins read").await;
    }

    /// Downloads what an address of the product gives, signed in as the browser is; bytes as Latin-1.
    ///
    /// # Panics
    /// When it is refused.
    pub async fn download(&self, path: &str) -> Vec<u8> {
        let script = "const done = arguments[1]; fetch(arguments[0]).then(async answer => \
            done([answer.status, [...new Uint8Array(await answer.arrayBuffer())]]))";
        let answer = self.client.execute_async(script, vec![json!(path)]).await.expect("an answer");
        let (status, bytes): (u16, Vec<u8>) = serde_json::from_value(answer).expect("bytes");
        assert_eq!(status, 200, "{path}");
        bytes
    }

    /// A fitting's job as its file holds it; whatever is on the screen has to be what the core makes of it.
    ///
    /// # Panics
    /// When there is no such fitting.
    pub async fn job(&self, fitting: &str) -> Job {
        let file = self.download(&format!("/api/v1/fittings/{fitting}/job.vemble.json")).await;
        serde_json::from_slice(&file).expect("a job file")
    }

    /// What the core makes of a fitting's job.
    ///
    /// # Panics
    /// When it holds nonsense.
    pub async fn solution(&self, fitting: &str) -> Solution {
        solve(&self.job(fitting).await).expect("a result")
    }

    /// What axe-core finds wrong with the page: rule, weight and the first place.
    ///
    /// # Panics
    /// When axe-core is not installed with the web application's packages.
    pub async fn faults(&self) -> Vec<String> {
        let axe = crate::project().join("web/node_modules/axe-core/axe.min.js");
        let axe = std::fs::read_to_string(axe).expect("axe-core");
        let script = format!(
            "{axe}\n;const done = arguments[0]; axe.run(document, {{ resultTypes: ['violations'] }})\
             .then(found => done(found.violations.map(v => `${{v.id}} (${{v.impact}}): \
             ${{v.nodes[0].html.slice(0, 160)}} ${{v.nodes[0].failureSummary}}`)))"
        );
        let found = self.client.execute_async(&script, Vec::new()).await.expect("axe runs");
        serde_json::from_value(found).expect("sentences")
    }

    /// True when something could be scrolled sideways.
    pub async fn scrolls_sideways(&self) -> bool {
        let script = "return document.documentElement.scrollWidth > document.documentElement.clientWidth";
        self.run(script, json!([])).await == json!(true)
    }

    /// A PNG of what is on the screen, after fonts and pictures have arrived.
    ///
    /// # Panics
    /// When the browser is gone.
    pub async fn screenshot(&self) -> Vec<u8> {
        let script = "const done = arguments[0]; document.fonts.ready.then(() => \
            requestAnimationFrame(() => requestAnimationFrame(() => done(true))))";
        self.client.execute_async(script, Vec::new()).await.expect("drawn");
        // Antd's own movements end within this time.
        tokio::time::sleep(Duration::from_millis(450)).await;
        self.client.screenshot().await.expect("a picture")
    }

    /// Loads the page anew.
    ///
    /// # Panics
    /// When it does not load.
    pub async fn reload(&self) {
        self.client.refresh().await.expect("the page loads");
    }
}

impl Drop for Browser {
    fn drop(&mut self) {
        // The driver and the browsers it started are one process group.
        let group = format!("-{}", self.driver.id());
        let _ = Command::new("kill").args(["-KILL", "--", &group]).status();
        let _ = self.driver.wait();
        let _ = std::fs::remove_dir_all(&self.profile);
    }
}
