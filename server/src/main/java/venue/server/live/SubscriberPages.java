package venue.server.live;

import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.springframework.stereotype.Component;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest;
import venue.core.model.site.BoundPage;
import venue.server.letter.Subscribing;
import venue.store.letter.Subscriber;
import venue.store.workspace.Workspace;

/**
 * Where somebody confirms that they want letters, and gets no more of them. A link only opens the page: it is done by its button, or by
 * the one click of a mail program (RFC 8058).
 */
@Component
class SubscriberPages {

    private static final String TOKEN = "token";
    private static final String WHAT = "what";
    private static final String ONE_CLICK = "List-Unsubscribe";
    private static final String YES = "One-Click";

    private final Subscribing subscribing;
    private final MemberPages pages;

    SubscriberPages(Subscribing subscribing, MemberPages pages) {
        this.subscribing = subscribing;
        this.pages = pages;
    }

    Reply at(Workspace workspace, Caller caller, String token) {
        Optional<Subscriber> one = subscribing.of(workspace.site(), token);
        Guest.Turn turn = one.map(s -> Guest.Turn.of(BoundPage.LETTERS.element(), state(s))
                        .typed(Map.of(TOKEN, token, "email", s.email())))
                .orElseGet(() -> Guest.Turn.of(BoundPage.LETTERS.element(), "")
                        .wrong(MemberPages.say(workspace, Phrase.LINK_OLD)));
        return pages.of(workspace, caller, BoundPage.LETTERS, turn).status(one.isPresent() ? 200 : 410);
    }

    private static String state(Subscriber one) {
        return switch (one.stands()) {
            case ASKED, REFUSED -> "ask";
            case IN -> "on";
            case OUT -> "out";
        };
    }

    /** Whether a mail program leaves for somebody, by one click: as a form in either of the ways that it may send one. */
    private static boolean isOneClick(Request asked) {
        return YES.equals(asked.getParameter(ONE_CLICK));
    }

    void take(Workspace workspace, Request asked, Response answer) throws IOException {
        String token = String.valueOf(asked.getParameter(TOKEN));
        Optional<Subscriber> one = subscribing.of(workspace.site(), token);
        boolean oneClick = isOneClick(asked);
        if (oneClick || "leave".equals(asked.getParameter(WHAT))) {
            one.ifPresent(subscribing::leave);
        } else if ("confirm".equals(asked.getParameter(WHAT))) {
            one.ifPresent(subscribing::confirm);
        }
        if (oneClick) {
            SentForms.plain(asked, answer, one.isPresent() ? 200 : 410, one.isPresent() ? "Done.\n" : "Unknown.\n");
            return;
        }
        Reply reply = one.isPresent()
                ? Reply.seeOther(
                        Subscribing.WHERE + "?" + TOKEN + "=" + URLEncoder.encode(token, StandardCharsets.UTF_8))
                : at(workspace, Caller.STRANGER, token);
        Replies.send(asked, answer, reply);
    }
}
