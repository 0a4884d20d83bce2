package venue.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.KeyboardModifier;
import java.nio.file.Path;
import java.util.List;

/**
 * What somebody does, counted: one press of a pointer, one key that acts, or one field filled in, whatever its length, is one act.
 */
final class Acts {

    private final Page page;
    private int count;

    Acts(Page page) {
        this.page = page;
    }

    int count() {
        return count;
    }

    void press(Locator at) {
        at.click();
        count++;
    }

    void pressWithShift(Locator at) {
        at.click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        count++;
    }

    void press(String button) {
        press(page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button).setExact(true)));
    }

    void key(String key) {
        page.keyboard().press(key);
        count++;
    }

    /** Writes in a field that opens where it is pressed. */
    void write(Locator field, String words) {
        field.click();
        page.keyboard().type(words);
        count++;
    }

    /** A file given, from wherever it lies. */
    void give(Locator field, FilePayload file) {
        field.setInputFiles(file);
        count++;
    }

    void give(Locator field, Path file) {
        field.setInputFiles(file);
        count++;
    }

    /** One of several, which are unrolled first where they aren't in sight. */
    void choose(Locator choice, String words) {
        count += choice.locator(".chosen").count() > 0 ? 2 : 1;
        Chromium.choose(choice, words);
    }

    void fill(Locator field, String words) {
        field.fill(words);
        count++;
    }
}
