package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.server.Further;
import venue.server.Sampled;

/** Jobs as people do them, from the first step to the public page, with their acts counted ({@code docs/jobs.md}). */
@Further
class JobsTest {

    private static final int FIRST_PAGE = 9;
    private static final int SOME = 4;
    private static final List<Job> JOBS = Stream.of(PageJobs.ALL, SiteJobs.ALL, ShapeJobs.ALL)
            .flatMap(List::stream)
            .toList();

    @TempDir
    Path data;

    @Test
    void jobsTakeNoMoreActsThanTheyShould() {
        SoftAssertions all = new SoftAssertions();
        try (Running running = Running.start(data);
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, 800)) {
            Page page = context.newPage();
            page.navigate(running.venue("/"));
            Desk at = new Desk(page, running, data);
            fromSignInToOnesOwnPageLive(at);
            all.assertThat(at.acts.count()).isLessThanOrEqualTo(FIRST_PAGE);
            for (Job job : chosen()) {
                try {
                    job.done().accept(at);
                    System.out.println(at.acts.count() + " acts: " + job);
                    all.assertThat(at.acts.count()).as(job.name()).isLessThanOrEqualTo(job.most());
                } catch (RuntimeException | AssertionError e) {
                    all.fail(job + ", after " + at.acts.count() + " acts: " + e.getMessage(), e);
                }
            }
        }
        all.assertAll();
    }

    /** Those with the words of {@code -Dvenue.job} in their names, else some. */
    private static List<Job> chosen() {
        String words = System.getProperty("venue.job", "");
        return words.isEmpty()
                ? Sampled.of("jobs", JOBS, SOME)
                : JOBS.stream()
                        .filter(j -> Pattern.compile(words).matcher(j.name()).find())
                        .toList();
    }

    private static void fromSignInToOnesOwnPageLive(Desk at) {
        at.acts.fill(at.page.getByLabel("E-mail"), "maja@kestrel-moor.example");
        at.acts.fill(at.page.getByLabel("Password"), Running.PASSWORD);
        at.acts.key("Enter");
        at.page.locator(".line").first().waitFor();
        at.acts.key("n");
        at.acts.fill(at.field("Name"), "A dark week");
        at.make();
        at.acts.write(at.page.locator(".element.text .input").first(), "Seven nights without a moon.");
        assertThat(at.page.locator(".stand")).containsText("All changes kept");
        at.release();
        at.visitorsRead("/a-dark-week", "Seven nights without a moon.");
    }
}
