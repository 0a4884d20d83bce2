package venue.store.member;

import java.security.SecureRandom;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Base64;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.MemberId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/** Links to members, each good once and for a while; of a token its SHA-256 alone is kept. */
final class MemberLinks {

    private static final int TOKEN_BYTES = 24;

    private static final String INSERT = """
            insert into member_link (hash, site, member, purpose, detail, until)
            values (:hash, :site, :member, :purpose, :detail, :until)
            """;
    private static final String FIND = """
            select member, detail from member_link
            where hash = :hash and site = :site and purpose = :purpose and until > :now
            """;

    private final Database database;
    private final InstantSource clock;
    private final SecureRandom chance = new SecureRandom();

    MemberLinks(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** What a link is for, and how long it is good. */
    enum Purpose {
        SIGN_IN(Duration.ofMinutes(15)),
        INVITATION(Duration.ofDays(7)),
        CONFIRM(Duration.ofHours(24)),
        PASSWORD(Duration.ofHours(2));

        private final Duration goodFor;

        Purpose(Duration goodFor) {
            this.goodFor = goodFor;
        }
    }

    /** Whom a link is for, and what it carries. */
    record Opened(MemberId member, @Nullable String detail) {}

    /** Makes a link and gives its token, which is told this once; those made before for the same end with it. */
    String make(Purpose purpose, SiteId site, MemberId member, @Nullable String detail) {
        byte[] bytes = new byte[TOKEN_BYTES];
        chance.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        database.write(() -> {
            end(purpose, member);
            return database.sql()
                    .sql(INSERT)
                    .param("hash", Hash.over(token))
                    .param("site", site)
                    .param("member", member)
                    .param("purpose", purpose.name())
                    .param("detail", detail)
                    .param("until", clock.instant().plus(purpose.goodFor).toString())
                    .update();
        });
        return token;
    }

    /** What a token opens, while it is good. */
    Optional<Opened> find(Purpose purpose, SiteId site, String token) {
        return database.sql()
                .sql(FIND)
                .param("hash", Hash.over(token))
                .param("site", site)
                .param("purpose", purpose.name())
                .param("now", clock.instant().toString())
                .query((row, n) -> new Opened(new MemberId(row.getString("member")), row.getString("detail")))
                .optional();
    }

    /** Uses a token up: of two who do it at once, one gets it. */
    Optional<Opened> use(Purpose purpose, SiteId site, String token) {
        return database.write(() -> {
            Optional<Opened> opened = find(purpose, site, token);
            int used = database.sql()
                    .sql("delete from member_link where hash = :hash and site = :site and purpose = :purpose")
                    .param("hash", Hash.over(token))
                    .param("site", site)
                    .param("purpose", purpose.name())
                    .update();
            return used == 1 ? opened : Optional.<Opened>empty();
        });
    }

    void end(Purpose purpose, MemberId member) {
        database.sql()
                .sql("delete from member_link where purpose = :purpose and member = :member")
                .param("purpose", purpose.name())
                .param("member", member)
                .update();
    }
}
