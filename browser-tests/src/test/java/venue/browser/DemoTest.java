package venue.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** A test in a fresh demo, with its manager's window open. */
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
}
