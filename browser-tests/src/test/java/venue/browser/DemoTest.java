package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** A test in a fresh demo, with its manager's window open. */
@ExtendWith(WhatStood.class)
abstract class DemoTest {

    @TempDir
    Path data;

    Running venue;
    Chromium chromium;
    BrowserContext context;
    Page page;

    @BeforeEach
    void open() {
        venue = Running.start(data);
        chromium = new Chromium();
        context = chromium.context(1280, 800);
        page = chromium.signedIn(context, venue, "maja");
    }

    /** Also where one of them never came about. */
    @AfterEach
    void close() throws Exception {
        for (AutoCloseable one : Arrays.asList(context, chromium, venue)) {
            if (one != null) {
                one.close();
            }
        }
    }

    /** The page of that title, from the plan. */
    void openPage(String title) {
        page.navigate(venue.venue("/kestrel-moor/plan"));
        page.locator("[role=treeitem]")
                .filter(new Locator.FilterOptions().setHasText(title))
                .first()
                .click();
        page.keyboard().press("Enter");
        assertThat(page.locator(".title input")).hasValue(title);
    }

    /** A part of the drawing on the Theme's screen, unfolded. */
    void openPart(String part) {
        Locator head = page.locator(".part").filter(new Locator.FilterOptions().setHasText(part));
        if (head.getAttribute("aria-expanded").equals("false")) {
            head.click();
        }
    }
}
