package venue.store.member;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.MemberId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/**
 * Where members are signed in. A session ends after thirty days in which it was not used. What is known of it is held for a few
 * seconds, so that a page with many files asks the disk once; whatever is changed of a member lets it go.
 */
public final class MemberSessions {

    /** How long one is good that is not used. */
    public static final Duration GOOD_FOR = Duration.ofDays(30);

    private static final Duration HELD = Duration.ofSeconds(10);
    private static final Duration NOTED_EVERY = Duration.ofMinutes(5);
    private static final int MOST_HELD = 20_000;
    private static final int MOST_OF_ONE = 50;
    private static final int TOKEN_BYTES = 24;
    private static final int DEVICE_LENGTH = 400;

    private static final String INSERT = """
            insert into member_session (hash, site, member, device, begun_at, used_at, before)
            values (:hash, :site, :member, :device, :at, :at, :before)
            """;
    private static final String TOO_MANY = """
            delete from member_session where member = :member and hash not in (
              select hash from member_session where member = :member order by used_at desc limit :most)
            """;
    private static final String FIND = """
            select hash, member, device, begun_at, used_at, before from member_session
            where hash = :hash and site = :site and used_at > :oldest
            """;

    private final Database database;
    private final InstantSource clock;
    private final MemberRows rows;
    private final SecureRandom chance = new SecureRandom();
    private final Cache<Asked, Optional<Open>> held =
            Caffeine.newBuilder().expireAfterWrite(HELD).maximumSize(MOST_HELD).build();
    private final AtomicLong changes = new AtomicLong();

    MemberSessions(Database database, InstantSource clock, MemberRows rows) {
        this.database = database;
        this.clock = clock;
        this.rows = rows;
    }

    /**
     * Where somebody is signed in.
     *
     * @param hash by which it is known; opens nothing
     * @param before when they were last here until it was begun
     */
    public record Session(
            Hash hash,
            MemberId member,
            String device,
            String begunAt,
            String usedAt,
            @Nullable String before) {}

    /** What was asked, and after how many changes: what was found before a change answers nobody after it. */
    private record Asked(SiteId site, Hash hash, long changes) {}

    /** A session with whose it is. */
    public record Open(Session session, Member member) {}

    /** Begins one and gives its token, which is told this once. */
    String begin(Member member, String device) {
        byte[] bytes = new byte[TOKEN_BYTES];
        chance.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        String now = clock.instant().toString();
        database.write(() -> {
            database.sql()
                    .sql(INSERT)
                    .param("hash", Hash.over(token))
                    .param("site", member.site())
                    .param("member", member.id())
                    .param("device", device.substring(0, Math.min(DEVICE_LENGTH, device.length())))
                    .param("at", now)
                    .param("before", member.seenAt())
                    .update();
            seen(member.id(), now);
            return database.sql()
                    .sql(TOO_MANY)
                    .param("member", member.id())
                    .param("most", MOST_OF_ONE)
                    .update();
        });
        return token;
    }

    private void seen(MemberId member, String now) {
        database.sql()
                .sql("update member set seen_at = :now where id = :id")
                .param("now", now)
                .param("id", member)
                .update();
    }

    /**
     * Whose session a token is, while it is good and they may sign in. It is read, and its use written, while the cache holds no
     * lock: a change of a member would wait for that lock while it has the writer.
     */
    public Optional<Open> find(SiteId site, String token) {
        Asked asked = new Asked(site, Hash.over(token), changes.get());
        Optional<Open> known = held.getIfPresent(asked);
        if (known != null) {
            return known;
        }
        Instant now = clock.instant();
        Optional<Open> open = read(site, asked.hash(), now);
        held.put(asked, open);
        open.filter(o -> Instant.parse(o.session().usedAt()).plus(NOTED_EVERY).isBefore(now))
                .ifPresent(o -> used(o.session(), now.toString()));
        return open;
    }

    private Optional<Open> read(SiteId site, Hash hash, Instant now) {
        return database.sql()
                .sql(FIND)
                .param("hash", hash)
                .param("site", site)
                .param("oldest", now.minus(GOOD_FOR).toString())
                .query((row, n) -> new Session(
                        hash,
                        new MemberId(row.getString("member")),
                        row.getString("device"),
                        row.getString("begun_at"),
                        row.getString("used_at"),
                        row.getString("before")))
                .optional()
                .flatMap(s ->
                        rows.find(site, s.member()).filter(Member::isActive).map(m -> new Open(s, m)));
    }

    private void used(Session session, String now) {
        database.write(() -> {
            seen(session.member(), now);
            return database.sql()
                    .sql("update member_session set used_at = :now where hash = :hash")
                    .param("now", now)
                    .param("hash", session.hash())
                    .update();
        });
    }

    /** A member's, the one used last first. */
    public List<Session> of(MemberId member) {
        return database.sql()
                .sql("select hash, member, device, begun_at, used_at, before from member_session where member = :member"
                        + " order by used_at desc, hash")
                .param("member", member)
                .query(Session.class)
                .list();
    }

    public void end(Hash hash) {
        database.write(() -> {
            forget();
            return database.sql()
                    .sql("delete from member_session where hash = :hash")
                    .param("hash", hash)
                    .update();
        });
    }

    /** Ends all of a member's but one; all where that is null. */
    void end(MemberId member, @Nullable Hash but) {
        database.sql()
                .sql("delete from member_session where member = :member and hash is not :but")
                .param("member", member)
                .param("but", but)
                .update();
        forget();
    }

    /** Whatever is held is asked for again, once what is being written is kept. */
    void forget() {
        database.onceKept(changes::incrementAndGet);
    }
}
