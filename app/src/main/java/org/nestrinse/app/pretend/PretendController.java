package org.nestrinse.app.pretend;

import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/pretend")
class PretendController {
  private final PretendWasher washer;
  private final PretendLogs logs;
  private final PretendWeatherStation station;
  private final HouseholdService households;

  PretendController(
      PretendWasher washer,
      PretendLogs logs,
      PretendWeatherStation station,
      HouseholdService households) {
    this.washer = washer;
    this.logs = logs;
    this.station = station;
    this.households = households;
  }

  private void switchedOn() {
    if (!households.current().pretendDevices()) {
      throw new NotFound(PretendSaying.DEVICES_OFF);
    }
  }

  /** What is sent to let the pretend washer wash a round. */
  record Attach(@Nullable Long roundId, @Nullable Double speed) {}

  /** What the pretend washer does, if anything. */
  record Washer(PretendWasher.@Nullable State state) {}

  @GetMapping("/washer")
  Washer washer() {
    return new Washer(washer.state());
  }

  @PostMapping("/washer")
  Washer attach(@RequestBody Attach attach) {
    if (attach.roundId == null) {
      throw new OutOfRange("roundId", Allowed.MISSING, PretendSaying.NUMBER_OF_ROUND);
    }
    // Whoever practises has nothing else to practise with.
    if (!washer.practises(attach.roundId)) {
      switchedOn();
    }
    double speed = RequestChecks.number("speed", attach.speed, PretendWasher.SPEED);
    return new Washer(washer.attach(attach.roundId, speed));
  }

  @DeleteMapping("/washer")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void detach() {
    washer.detach();
  }

  @GetMapping(value = "/probe", produces = MediaType.TEXT_PLAIN_VALUE)
  String probe(
      @RequestParam long machineId,
      @RequestParam String programme,
      @RequestParam int chosenC,
      @RequestParam double shortByK) {
    switchedOn();
    return logs.probe(
        machineId, programme, chosenC, PretendLogs.SHORT_BY_K.check("shortByK", shortByK));
  }

  @GetMapping(value = "/plug", produces = MediaType.TEXT_PLAIN_VALUE)
  String plug(
      @RequestParam long machineId,
      @RequestParam String programme,
      @RequestParam int chosenC,
      @RequestParam double shortByK) {
    switchedOn();
    return logs.plug(
        machineId, programme, chosenC, PretendLogs.SHORT_BY_K.check("shortByK", shortByK));
  }

  @GetMapping(value = "/weather", produces = MediaType.TEXT_PLAIN_VALUE)
  String weather(@RequestParam int hours) {
    switchedOn();
    return station.csv(new Range(1, 240, Unit.HOUR).check("hours", hours));
  }
}
