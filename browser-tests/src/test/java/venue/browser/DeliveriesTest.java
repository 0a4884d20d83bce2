package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An owner says where releases go: tries it, sees it run, sees it fail, and mends it. */
class DeliveriesTest extends DemoTest {

    @TempDir
    Path elsewhere;

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator place() {
        return page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Main"));
    }

    @Test
    void aDeliveryIsTriedMadeSeenToFailAndMended() throws IOException {
        Path folder = Files.createDirectories(elsewhere.resolve("site"));
        Path other = Files.writeString(folder.resolve("notes.txt"), "Somebody’s notes");
        settings();
        button("Add a delivery…").click();
        page.keyboard().type("Main");
        page.getByLabel("Folder").fill(folder.toString());
        page.getByLabel("Public address").fill("https://www.kestrel-moor.example");
        button("Try it").click();
        assertThat(page.locator(".sheet")).containsText("Something else lies at " + folder);
        Files.delete(other);
        button("Try it").click();
        assertThat(page.locator(".sheet")).containsText("It works.");
        button("Add it").click();
        assertThat(place()).containsText("Shows release 1");
        Assertions.assertThat(folder.resolve("visit/open-nights/index.html"))
                .content()
                .contains("https://www.kestrel-moor.example/visit/open-nights");

        page.navigate(venue.venue("/kestrel-moor/releases"));
        assertThat(page.locator(".side")).containsText("this server, 1 delivery");
        Chromium.release(page);
        assertThat(page.locator(".done")).containsText("delivered to 1 of 1");

        Path manifest = folder.resolve(".venue/manifest.json");
        String good = Files.readString(manifest);
        Files.writeString(manifest, "{}");
        settings();
        button("Deliver again").click();
        assertThat(place()).containsText("none that this Venue knows");
        assertThat(place()).containsText("It is tried again");
        assertThat(page.locator(".stand")).containsText("1 delivery fails");
        Files.writeString(manifest, good);
        button("Deliver again").click();
        assertThat(place()).containsText("Shows release 2");
        assertThat(page.locator(".stand")).not().containsText("delivery fails");
    }

    private void settings() {
        page.navigate(venue.venue("/kestrel-moor/settings"));
        button("Add a delivery…").scrollIntoViewIfNeeded();
    }
}
