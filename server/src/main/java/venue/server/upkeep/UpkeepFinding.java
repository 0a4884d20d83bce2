package venue.server.upkeep;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import venue.store.upkeep.Backups;
import venue.store.upkeep.Schedule;
import venue.store.upkeep.Tasks;

/**
 * Something about the installation that wants an owner.
 *
 * @param urgent whether data may be lost
 */
record UpkeepFinding(boolean urgent, String says) {

    private static final Duration OLD_BY_ITSELF = Duration.ofHours(49);
    private static final Duration OLD = Duration.ofDays(7);
    private static final long ROOM = 1024L * 1024 * 1024;

    /** What there is to find, the urgent first. */
    static List<UpkeepFinding> all(
            List<Tasks.Last> tasks, List<Backups.Kept> backups, Schedule schedule, long free, Instant now) {
        List<UpkeepFinding> found = new ArrayList<>();
        for (Tasks.Last task : tasks) {
            if (Boolean.FALSE.equals(task.well())) {
                found.add(new UpkeepFinding(true, what(task) + " failed: " + task.says()));
            }
        }
        if (backups.isEmpty()) {
            found.add(new UpkeepFinding(false, "There is no backup yet: what is lost now is lost for good."));
        } else {
            Duration age = Duration.between(Instant.parse(backups.get(0).at()), now);
            if (age.compareTo(schedule.at() == null ? OLD : OLD_BY_ITSELF) > 0) {
                found.add(new UpkeepFinding(true, "The last backup is " + age.toDays() + " days old."));
            }
        }
        if (free < ROOM) {
            found.add(new UpkeepFinding(
                    true, "The disk has " + free / (1024 * 1024) + " MB left: make room before nothing can be kept."));
        }
        if (schedule.at() == null) {
            found.add(new UpkeepFinding(false, "No backup is made by itself."));
        }
        return found;
    }

    private static String what(Tasks.Last task) {
        return task.name().equals(MakeABackup.NAME) ? "The last backup" : "Upkeep of the " + task.name();
    }
}
