package venue.server.hook;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which addresses stand in the open. */
class OpenAddressTest {

    @ParameterizedTest
    @CsvSource({
        "127.0.0.1,false",
        "10.0.0.7,false",
        "172.16.0.1,false",
        "192.168.1.1,false",
        "169.254.169.254,false",
        "100.64.0.1,false",
        "0.0.0.0,false",
        "255.255.255.255,false",
        "224.0.0.1,false",
        "198.19.0.1,false",
        "::1,false",
        "fe80::1,false",
        "fd00::1,false",
        "::ffff:10.0.0.1,false",
        "64:ff9b::a00:1,false",
        "2002:7f00:1::,false",
        "2001:db8::1,false",
        "93.184.216.34,true",
        "2606:2800:220:1::1,true",
        "64:ff9b::5db8:d822,true"
    })
    void addressesInTheOpenAreKnown(String address, boolean open) throws UnknownHostException {
        assertThat(OpenAddress.is(InetAddress.getByName(address))).isEqualTo(open);
    }
}
