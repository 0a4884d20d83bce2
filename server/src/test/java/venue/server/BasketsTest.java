package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import venue.core.basics.item.SiteId;
import venue.store.answer.Answer;
import venue.store.answer.AnswerFilter;
import venue.store.answer.Answers;

/** Baskets over HTTP, without a script: what the browser keeps, what is refused, what an order holds. */
@ServerTest
class BasketsTest {

    private static final SiteId MOOR = new SiteId("kestrel-moor");
    private static final String BASKET = "/-/basket";

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    @Autowired
    private Answers answers;

    private static String encoded(Map<String, String> form) {
        return form.entrySet().stream()
                .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }

    private static String cookie(HttpResponse<String> answer) {
        return answer.headers().firstValue("Set-Cookie").orElse("").replaceAll(";.*", "");
    }

    private HttpResponse<String> take(String id, String cookie) {
        return stranger.form(BASKET, "-take=" + id, "Cookie", cookie);
    }

    private HttpResponse<String> visit(String cookie) {
        return stranger.knownBy(cookie, BASKET);
    }

    private Document basket(String cookie) {
        return Jsoup.parse(visit(cookie).body());
    }

    /** What the order form sends as it stands there. */
    private Map<String, String> filled(String cookie, String... written) {
        Map<String, String> form = new LinkedHashMap<>();
        basket(cookie)
                .select("#form-order-form form input:not([type=radio], [type=checkbox])")
                .forEach(i -> form.put(i.attr("name"), i.val()));
        form.put("name", "Alma Reed");
        form.put("email", "alma@reed.example");
        form.put("pay", "On the spot, when I fetch it");
        form.put("consent", "yes");
        for (int i = 0; i < written.length; i += 2) {
            form.put(written[i], written[i + 1]);
        }
        return form;
    }

    private HttpResponse<String> order(Map<String, String> form) {
        return stranger.form("/support-us/the-shelf/order-from-the-shelf", encoded(form));
    }

    private List<Answer> orders() {
        return answers.list(MOOR, AnswerFilter.of("order-form"), 0, 10);
    }

    @Test
    void aBasketIsTakenAlongCountedAndOrderedOnce() {
        HttpResponse<String> taken = take("shelf-2", "");
        assertThat(taken.statusCode()).isEqualTo(303);
        assertThat(taken.headers().firstValue("Location")).contains(BASKET);
        assertThat(cookie(taken)).startsWith("venue-basket=").doesNotContain("HttpOnly");
        String cookie = cookie(take("shelf-2", cookie(taken)));
        HttpResponse<String> shown = visit(cookie);
        assertThat(shown.headers().firstValue("Cache-Control")).contains("no-store");
        assertThat(basket(cookie).select("output").text()).isEqualTo("£19.00");
        HttpResponse<String> counted = order(filled(cookie, "basket.amount", "5", "-go", "count"));
        assertThat(Jsoup.parse(counted.body()).select("output").text()).isEqualTo("£47.50");
        assertThat(Jsoup.parse(counted.body()).select("[name=name]").val()).isEqualTo("Alma Reed");
        String five = cookie(counted);
        HttpResponse<String> refused = order(filled(five, "email", "none"));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(cookie(refused)).isEqualTo(five);
        int before = orders().size();
        HttpResponse<String> ordered = order(filled(five));
        assertThat(ordered.statusCode()).isEqualTo(303);
        assertThat(cookie(ordered)).isEqualTo("venue-basket=");
        assertThat(order(filled(five)).statusCode()).as("the same once more").isEqualTo(303);
        assertThat(orders()).hasSize(before + 1);
        assertThat(orders().get(0).said().get(0).words()).contains("5 × Red torch, £9.50 = £47.50");
    }

    @Test
    void whatItComesToGoesAlongToWhereItIsPaid() {
        json(maja.give("set-value", "item", "order-form", "key", "after", "value", "address"));
        json(maja.give("set-value", "item", "order-form", "key", "address", "value", "https://till.example/in?at=2"));
        json(maja.post("/api/sites/kestrel-moor/releases", Client.json("items", List.of("order-form"), "note", "")));
        HttpResponse<String> ordered = order(filled(cookie(take("shelf-5", ""))));
        assertThat(ordered.headers().firstValue("Location").orElse(""))
                .matches("https://till\\.example/in\\?at=2&order=[\\w-]+&sum=6\\.00&currency=GBP");
    }

    @Test
    void aPriceIsTakenFromTheSiteAndNeverFromTheBrowser() {
        String cookie = cookie(take("shelf-4", ""));
        HttpResponse<String> cheap = order(filled(cookie, "basket", "shelf-4 1 0.01 GBP"));
        assertThat(cheap.statusCode()).isEqualTo(422);
        assertThat(Jsoup.parse(cheap.body()).select(".wrongs").text()).contains("“Mug with Orion” costs £11.00 now.");
        assertThat(basket("venue-basket=shelf-4+1+0.01+GBP").select("output").text())
                .isEqualTo("£11.00");
        assertThat(take("shelf-6", "").statusCode()).as("sold out").isEqualTo(410);
        assertThat(take("<script>", "").statusCode()).isEqualTo(410);
        Document evil = basket("venue-basket=shelf-4+1+11.00+GBP+%3Cscript%3Ealert(1)%3C%2Fscript%3E~%00~%");
        assertThat(evil.select(".taken script")).isEmpty();
        assertThat(evil.select("[name=basket]").val()).endsWith("GBP <script>alert(1)</script>");
        HttpResponse<String> foreign = stranger.form(
                BASKET, "-take=shelf-2", "Origin", "http://elsewhere.example", "Sec-Fetch-Site", "cross-site");
        assertThat(foreign.statusCode()).isEqualTo(403);
    }
}
