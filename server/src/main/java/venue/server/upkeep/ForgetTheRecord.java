package venue.server.upkeep;

import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import venue.core.text.Words;
import venue.store.record.Records;

/** Takes lines off the record that are older than they are to be kept, once a day. */
@Component
@Order(2)
final class ForgetTheRecord implements UpkeepTask {

    private final Records records;

    ForgetTheRecord(Records records) {
        this.records = records;
    }

    @Override
    public String name() {
        return "record";
    }

    @Override
    public String title() {
        return "Old lines of the record";
    }

    @Override
    public boolean isDue(@Nullable ZonedDateTime last, ZonedDateTime now) {
        return last == null || last.isBefore(now.minusDays(1));
    }

    @Override
    public String run() {
        int gone = records.forget();
        return gone == 0
                ? "none is older than " + Records.KEPT.toDays() + " days"
                : Words.count(gone, "line") + " older than " + Records.KEPT.toDays() + " days taken away";
    }
}
