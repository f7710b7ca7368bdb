package org.nestrinse.app.kit.machine;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What washes and what dries by heat, and what their logs say. */
@RestController
@RequestMapping("/api/v1")
class MachineController {
  private final MachineService machine;
  private final MeasurementService measurements;
  private final DryerService dryers;

  MachineController(MachineService machine, MeasurementService measurements, DryerService dryers) {
    this.machine = machine;
    this.measurements = measurements;
    this.dryers = dryers;
  }

  @GetMapping("/machines")
  @CachedAnswer
  List<MachineService.View> machines() {
    return machine.all();
  }

  @PostMapping("/machines")
  @ResponseStatus(HttpStatus.CREATED)
  MachineService.View addMachine(@RequestBody MachineService.Change change) {
    return machine.add(change);
  }

  @PutMapping("/machines/{id}")
  MachineService.View changeMachine(
      @PathVariable long id, @RequestBody MachineService.Change change) {
    return machine.change(id, change);
  }

  @PostMapping("/machines/{id}/logs")
  MeasurementService.Preview log(@PathVariable long id, @RequestBody MeasurementService.Sent sent) {
    return measurements.read(id, sent);
  }

  @DeleteMapping("/machines/{id}/logs")
  MachineService.View forgetLog(@PathVariable long id, @RequestParam String programme) {
    return machine.measured(id, programme, null);
  }

  @GetMapping("/dryers")
  @CachedAnswer
  List<DryerService.View> dryers() {
    return dryers.all();
  }

  @PostMapping("/dryers")
  @ResponseStatus(HttpStatus.CREATED)
  DryerService.View addDryer(@RequestBody DryerService.Change change) {
    return dryers.add(change);
  }

  @PutMapping("/dryers/{id}")
  DryerService.View changeDryer(@PathVariable long id, @RequestBody DryerService.Change change) {
    return dryers.change(id, change);
  }
}
