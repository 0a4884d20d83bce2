package venue.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.net.URI;
import java.net.http.HttpResponse;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;

/**
 * Walks the live site as a robot would, and holds what it finds against the plan: links, canonical addresses, the sitemap, and every
 * address that was ever live.
 */
final class Crawler {

    private static final String RELEASE = """
            async () => {
              const token = /XSRF-TOKEN-\\w+=([^;]*)/.exec(document.cookie)[1]
              const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
              const waiting = await (await fetch('/api/sites/kestrel-moor/releases/waiting')).json()
              const body = JSON.stringify({ items: waiting.changes.flatMap(c => c.entries.map(e => e.item)), note: '' })
              const answer = await fetch('/api/sites/kestrel-moor/releases', { method: 'POST', headers, body })
              return answer.ok ? '' : await answer.text()
            }
            """;
    private static final String ROWS = """
            async () => (await (await fetch('/api/sites/kestrel-moor/news')).json()).plan.rows
              .map(r => ({ address: r.address, state: r.state, sitemap: r.sitemap, who: r.gate?.who ?? 'EVERYONE', hidden: !!r.gate?.hidden }))
            """;
    private static final Pattern LINKS = Pattern.compile("<a [^>]*href=\"(/[^\"#?]*)[^\"]*\"");
    private static final Pattern FOLLOWED =
            Pattern.compile("<link rel=\"alternate\" [^>]*href=\"(?:http://[^/]+)?(/[^\"]*)\"");
    private static final Pattern CANONICAL = Pattern.compile("<link rel=\"canonical\" href=\"([^\"]+)\"");
    private static final Pattern BARRED = Pattern.compile("(?m)^Disallow: *(.*)$");
    private static final Pattern KEPT_OUT = Pattern.compile("<meta name=\"robots\" content=\"[^\"]*noindex");
    private static final Pattern LISTED = Pattern.compile("<loc>([^<]+)</loc>");

    private final Running venue;
    private final Page page;
    private final Set<String> everLive = new TreeSet<>();

    Crawler(Running venue, Page page) {
        this.venue = venue;
        this.page = page;
    }

    /** What a stranger is answered at a page, by who may see it. */
    private static int expected(Map<?, ?> row) {
        if (row.get("who").equals("EVERYONE")) {
            return 200;
        }
        return Boolean.TRUE.equals(row.get("hidden")) ? 404 : row.get("who").equals("US") ? 403 : 302;
    }

    /** Releases all that waits, and walks the site. */
    void releaseAndWalk(String after) {
        PlaywrightAssertions.assertThat(page.getByText("All changes kept").first())
                .isVisible();
        assertThat(page.evaluate(RELEASE)).as("release after " + after).isEqualTo("");
        List<String> wrong = new ArrayList<>();
        Map<String, HttpResponse<String>> pages = walk(wrong);
        everLive.addAll(pages.keySet());
        Set<String> listed = listed();
        for (Object each : (List<?>) page.evaluate(ROWS)) {
            Map<?, ?> row = (Map<?, ?>) each;
            String address = String.valueOf(row.get("address"));
            boolean in = row.get("sitemap").equals("in");
            if (in != listed.contains(address)) {
                wrong.add("the plan says " + row.get("sitemap") + " of " + address + ", the sitemap does not");
            }
            HttpResponse<String> answer = pages.computeIfAbsent(address, a -> Visitor.visit(venue, a));
            int expected = row.get("state").equals("WITHDRAWN") ? 410 : expected(row);
            if (answer.statusCode() != expected) {
                wrong.add(
                        "the plan has " + address + " as " + row.get("state") + ", it answers " + answer.statusCode());
            }
        }
        everLive.addAll(listed);
        everLive.stream().filter(address -> !pages.containsKey(address)).forEach(address -> answers(address, wrong));
        assertThat(wrong).as("after " + after).isEmpty();
    }

    /**
     * Walks the live site while other things may wait: sitemap, canonical addresses, robots.txt, menus and all addresses that were ever live
     * are held against each other, and the pages of the plan that are live as they are against them.
     */
    void walkLive(String after) {
        List<String> wrong = new ArrayList<>();
        Map<String, HttpResponse<String>> pages = walk(wrong);
        Set<String> listed = listed();
        List<String> barred = BARRED.matcher(Visitor.visit(venue, "/robots.txt").body())
                .results()
                .map(m -> m.group(1).strip())
                .filter(b -> !b.isEmpty())
                .toList();
        pages.forEach((path, answer) -> {
            boolean own = CANONICAL.matcher(answer.body()).find() && !path.contains("/-/") && !path.contains(".");
            boolean meant = answer.statusCode() == 200
                    && own
                    && !KEPT_OUT.matcher(answer.body()).find()
                    && barred.stream().noneMatch(path::startsWith);
            if (meant && !listed.contains(path)) {
                wrong.add(path + " may be indexed, and is not in the sitemap");
            }
        });
        for (String address : listed) {
            HttpResponse<String> answer = pages.computeIfAbsent(address, a -> Visitor.visit(venue, a));
            if (answer.statusCode() != 200
                    || KEPT_OUT.matcher(answer.body()).find()
                    || barred.stream().anyMatch(address::startsWith)) {
                wrong.add("the sitemap has " + address + ", which answers " + answer.statusCode()
                        + " or keeps robots out");
            }
        }
        for (Object each : (List<?>) page.evaluate(ROWS)) {
            Map<?, ?> row = (Map<?, ?>) each;
            String address = String.valueOf(row.get("address"));
            if (row.get("state").equals("LIVE")) {
                if (row.get("sitemap").equals("in") != listed.contains(address)) {
                    wrong.add("the plan says " + row.get("sitemap") + " of " + address + ", the sitemap does not");
                }
                int status = pages.computeIfAbsent(address, a -> Visitor.visit(venue, a))
                        .statusCode();
                if (status != expected(row)) {
                    wrong.add("the plan has " + address + " as live, it answers " + status);
                }
            }
        }
        everLive.addAll(pages.keySet());
        everLive.addAll(listed);
        everLive.stream().filter(address -> !pages.containsKey(address)).forEach(address -> answers(address, wrong));
        assertThat(wrong).as("after " + after).isEmpty();
    }

    private Set<String> listed() {
        Set<String> listed = new HashSet<>();
        LISTED.matcher(Visitor.visit(venue, "/sitemap.xml").body())
                .results()
                .forEach(m -> listed.add(URI.create(m.group(1)).getPath()));
        return listed;
    }

    /** Every page that can be reached, each linked to at the very address where it is served. */
    private Map<String, HttpResponse<String>> walk(List<String> wrong) {
        Map<String, HttpResponse<String>> found = new HashMap<>();
        Deque<String> todo = new ArrayDeque<>(List.of("/"));
        Map<String, String> from = new HashMap<>();
        while (!todo.isEmpty()) {
            String path = todo.remove();
            if (found.containsKey(path) || path.startsWith("/-/")) {
                continue;
            }
            HttpResponse<String> answer = Visitor.visit(venue, path);
            found.put(path, answer);
            if (answer.headers().firstValue("location").orElse("").startsWith("/-/sign-in")) {
                continue;
            }
            if (answer.statusCode() != 200) {
                wrong.add(from.get(path) + " links to " + path + ", which answers " + answer.statusCode());
                continue;
            }
            CANONICAL.matcher(answer.body()).results().forEach(m -> {
                String canonical = URI.create(m.group(1)).getPath();
                if (!canonical.equals(path)) {
                    wrong.add(path + " says that it is " + canonical);
                }
            });
            FOLLOWED.matcher(answer.body()).results().forEach(m -> everLive.add(m.group(1)));
            LINKS.matcher(answer.body()).results().forEach(m -> {
                from.putIfAbsent(m.group(1), path);
                todo.add(m.group(1));
            });
        }
        return found;
    }

    /** 200, one redirect on this host to a 200, or 410; a further page that there is not now leads on for now. */
    private void answers(String address, List<String> wrong) {
        HttpResponse<String> answer = Visitor.visit(venue, address);
        if (answer.statusCode() == 301 || answer.statusCode() == 302) {
            String to = answer.headers().firstValue("location").orElse("");
            if (!to.startsWith("/")
                    || to.startsWith("//")
                    || Visitor.visit(venue, to).statusCode() != 200) {
                wrong.add(address + " was live, and leads to " + to);
            }
        } else if (answer.statusCode() != 200 && answer.statusCode() != 410) {
            wrong.add(address + " was live, and answers " + answer.statusCode());
        }
    }
}
