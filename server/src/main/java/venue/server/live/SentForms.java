package venue.server.live;

import jakarta.servlet.AsyncContext;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletionStage;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import venue.core.body.form.FormNames;
import venue.core.model.site.BoundPage;
import venue.server.letter.Subscribing;
import venue.store.workspace.Workspace;

/**
 * Takes what forms send on a site. One that was sent by another site is refused. What has to wait, as a password that is compared, waits without holding a thread.
 */
@Component
class SentForms {

    private static final Logger LOG = LoggerFactory.getLogger(SentForms.class);
    private static final int MOST_BYTES = 64 * 1024;
    private static final long TIMEOUT_MS = 60_000;

    private final Callers callers;
    private final Walks walks;
    private final MemberForms forms;
    private final MemberSignIn signIn;
    private final LiveSites sites;
    private final Baskets baskets;
    private final SubscriberPages subscribers;
    private final FormOrigins origins;

    SentForms(
            Callers callers,
            Walks walks,
            MemberForms forms,
            MemberSignIn signIn,
            LiveSites sites,
            Baskets baskets,
            SubscriberPages subscribers,
            FormOrigins origins) {
        this.origins = origins;
        this.subscribers = subscribers;
        this.sites = sites;
        this.baskets = baskets;
        this.walks = walks;
        this.callers = callers;
        this.forms = forms;
        this.signIn = signIn;
    }

    /** Whether forms are taken at an address. */
    boolean takes(Workspace workspace, String path) {
        return workspace.now().release() > 0
                && (path.equals(MemberSignIn.OUT)
                        || path.equals(FormNames.BASKET)
                        || path.equals(Subscribing.WHERE)
                        || MemberPages.task(path).isPresent());
    }

    void take(Workspace workspace, Request asked, Response answer) throws IOException {
        if (!isOfSite(workspace, asked)) {
            plain(asked, answer, 403, "This form was sent by another site. Open it here, and send it again.\n");
        } else if (asked.getContentLengthLong() > MOST_BYTES) {
            plain(asked, answer, 413, "This is too much for one form.\n");
        } else if (asked.getRequestURI().equals(Subscribing.WHERE)) {
            subscribers.take(workspace, asked, answer);
        } else {
            Map<String, String> form = new HashMap<>();
            asked.getParameterMap().forEach((key, values) -> form.put(key, values[0]));
            if (asked.getRequestURI().equals(FormNames.BASKET)) {
                String what = form.getOrDefault(FormNames.TAKE, "");
                Reply reply = baskets.take(workspace, asked, what)
                        .orElseGet(() -> sites.of(workspace).at("/-"));
                Replies.send(asked, answer, reply);
                return;
            }
            Sent sent = new Sent(workspace, callers.of(workspace, asked), asked, form);
            send(
                    asked,
                    answer,
                    walks.of(workspace, asked).map(w -> walked(sent, w)).orElseGet(() -> reply(sent)));
        }
    }

    private CompletionStage<Reply> walked(Sent sent, Walk walk) {
        BoundPage task = MemberPages.task(sent.asked().getRequestURI()).orElse(BoundPage.SIGN_IN);
        return MemberForms.done(walks.refuse(sent.workspace(), walk, task));
    }

    private CompletionStage<Reply> reply(Sent sent) {
        String path = sent.asked().getRequestURI();
        if (path.equals(MemberSignIn.OUT)) {
            return MemberForms.done(signIn.out(sent));
        }
        Optional<BoundPage> task = MemberPages.task(path);
        return task.filter(t -> t != BoundPage.SIGN_IN).isPresent() ? forms.answer(sent, task.get()) : signIn.in(sent);
    }

    static void send(Request asked, Response answer, CompletionStage<Reply> coming) throws IOException {
        if (coming.toCompletableFuture().isDone()
                && !coming.toCompletableFuture().isCompletedExceptionally()) {
            Replies.send(asked, answer, coming.toCompletableFuture().join());
            return;
        }
        AsyncContext waiting = asked.startAsync();
        waiting.setTimeout(TIMEOUT_MS);
        // A visitor who takes the answer slowly holds a thread for visitors, and none of those that others' forms wait
        // for.
        coming.whenComplete((reply, failure) -> waiting.start(() -> {
            try {
                Replies.send(asked, answer, failure == null ? reply : Reply.comeAgain());
                if (failure != null) {
                    LOG.warn("A form can't be answered", failure);
                }
            } catch (IOException gone) {
                LOG.debug("Nobody waits for this answer", gone);
            } finally {
                waiting.complete();
            }
        }));
    }

    /** Whether it may come from where it does: what concerns members is done here alone. */
    private boolean isOfSite(Workspace workspace, Request asked) {
        String path = asked.getRequestURI();
        return path.equals(FormNames.BASKET) || path.equals(Subscribing.WHERE)
                ? origins.isOfSite(workspace, asked)
                : FormOrigins.isHere(asked);
    }

    static void plain(Request asked, Response answer, int status, String words) throws IOException {
        Replies.send(
                asked, answer, Reply.text(status, "text/plain; charset=utf-8", words, "no-store", Reply.PAGE_POLICY));
    }
}
