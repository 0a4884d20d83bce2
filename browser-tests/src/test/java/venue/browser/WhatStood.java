package venue.browser;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Where a test failed: a picture of its window, and its words in what CI says, which keeps no pictures. */
final class WhatStood implements AfterTestExecutionCallback {

    @Override
    public void afterTestExecution(ExtensionContext test) {
        if (test.getExecutionException().isEmpty()
                || !(test.getRequiredTestInstance() instanceof DemoTest failed)
                || failed.page == null) {
            return;
        }
        String name = test.getRequiredTestClass().getSimpleName();
        Path picture = Path.of("target/failed", name + ".png");
        failed.page.screenshot(new Page.ScreenshotOptions().setPath(picture));
        System.out.println(name + " failed at " + failed.page.url() + ", see " + picture.toAbsolutePath() + "\n"
                + failed.page.locator("body").innerText().replaceAll("\\s*\n\\s*", " | "));
    }
}
