package venue.core.change.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Modifier;
import java.util.List;
import org.junit.jupiter.api.Test;
import venue.core.change.edit.Command;

/** What holds of every command, whichever area it is of. */
class CommandsTest {

    @Test
    void eachHasAVerbOfItsOwnThatIsItsClassInTheWiresSpelling() {
        List<Class<? extends Command>> wire = Commands.onTheWire();
        assertThat(wire).extracting(Commands::verb).doesNotHaveDuplicates().isSorted();
        assertThat(wire).hasSizeGreaterThan(45).allSatisfy(c -> {
            String spelled =
                    c.getSimpleName().replaceAll("(?<=.)([A-Z])", "-$1").toLowerCase(java.util.Locale.ROOT);
            assertThat(spelled).startsWith(Commands.verb(c));
        });
    }

    @Test
    void eachIsARecordBehindTheDoorOfItsArea() {
        assertThat(Commands.all()).allSatisfy(c -> {
            assertThat(c.isRecord()).as(c.getName()).isTrue();
            assertThat(Modifier.isPublic(c.getModifiers())).as(c.getName()).isFalse();
            assertThat(c.getInterfaces()).anySatisfy(door -> {
                assertThat(door.isSealed()).isTrue();
                assertThat(door.getPackage()).isEqualTo(c.getPackage());
            });
        });
    }

    @Test
    void whatIsNotSentIsOnlyWhatTheServerGivesItself() {
        assertThat(Commands.all().filter(c -> !Commands.onTheWire().contains(c)))
                .extracting(Class::getSimpleName)
                .containsExactlyInAnyOrder("BringBack", "FromBin", "CutMedia", "TakeIn", "SetHosts");
    }
}
