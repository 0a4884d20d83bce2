package venue.store.workspace;

import java.time.Instant;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;

/** What requests were answered, so that one sent again is answered alike and not done again. */
final class Requests {

    private static final int LONGEST = 80;

    private static final String INSERT = """
            insert into request (site, id, who, print, answer, at) values (:site, :id, :who, :print, :answer, :at)
            """;
    private static final String FIND = "select who, print, answer from request where site = :site and id = :id";

    /**
     * A request.
     *
     * @param id as whoever asks named it, 1 to 80 characters
     * @param print the hash of what it asks
     */
    public record Request(SiteId site, String id, PersonId who, Hash print) {
        public Request {
            if (id.isBlank() || id.length() > LONGEST) {
                throw Refusal.badInput(
                        "bad-request-id",
                        "request",
                        "A request's id has 1 to " + LONGEST + " characters; this has " + id.length() + ".",
                        "Give each request an id of its own.");
            }
        }
    }

    private record Kept(PersonId who, Hash print, String answer) {}

    private final JdbcClient sql;

    public Requests(JdbcClient sql) {
        this.sql = sql;
    }

    /** What the request was answered before; refused where its id was used by another person or for something else. */
    public Optional<String> answered(Request request) {
        Optional<Kept> kept = sql.sql(FIND)
                .param("site", request.site())
                .param("id", request.id())
                .query(Kept.class)
                .optional();
        kept.filter(k -> !isSame(k, request)).ifPresent(k -> {
            throw Refusal.conflict(
                    "request-used",
                    "request",
                    "The request id “" + request.id() + "” was used for something else; nothing was done.",
                    "Give each request an id of its own.");
        });
        return kept.map(Kept::answer);
    }

    /** Requests from before prints were kept have none to be told by. */
    private static boolean isSame(Kept kept, Request request) {
        return kept.who().equals(request.who())
                && (kept.print().isEmpty() || kept.print().equals(request.print()));
    }

    /** Keeps the answer, in the transaction of what it tells. */
    public void keep(Request request, String answer, Instant at) {
        sql.sql(INSERT)
                .param("site", request.site())
                .param("id", request.id())
                .param("who", request.who())
                .param("print", request.print())
                .param("answer", answer)
                .param("at", at.toString())
                .update();
    }
}
