/** What each kind of entry states of its payload: by key, what is typed and whether it must be. Generated: `php artisan moltrek:openapi`. */
export const STATED = {
    "job_opened": {
        "condition": {
            "is": "choice",
            "needed": true
        },
        "complaint": {
            "is": "text",
            "needed": false
        },
        "schools": {
            "is": "several",
            "needed": false
        },
        "errands": {
            "is": "several",
            "needed": false
        },
        "off": {
            "is": "several",
            "needed": false
        }
    },
    "sheet_adopted": {
        "version": {
            "is": "number",
            "needed": true
        },
        "from": {
            "is": "number",
            "needed": true
        }
    },
    "entry_struck": {
        "entry": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "note_written": {
        "text": {
            "is": "text",
            "needed": true
        },
        "slab": {
            "is": "text",
            "needed": false
        },
        "photo": {
            "is": "text",
            "needed": false
        }
    },
    "reading_taken": {
        "spot": {
            "is": "text",
            "needed": true
        },
        "reading": {
            "is": "several",
            "needed": true
        },
        "tool": {
            "is": "text",
            "needed": false
        },
        "set_with": {
            "is": "text",
            "needed": false
        },
        "kept": {
            "is": "flag",
            "needed": false
        },
        "again": {
            "is": "flag",
            "needed": false
        },
        "state": {
            "is": "text",
            "needed": false
        },
        "from": {
            "is": "text",
            "needed": false
        },
        "held": {
            "is": "several",
            "needed": false
        }
    },
    "source_chosen": {
        "limit": {
            "is": "text",
            "needed": true
        },
        "range": {
            "is": "choice",
            "needed": true
        },
        "service": {
            "is": "choice",
            "needed": false
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "bore_decided": {
        "cylinder": {
            "is": "text",
            "needed": true
        },
        "decision": {
            "is": "choice",
            "needed": true
        },
        "size": {
            "is": "text",
            "needed": false
        },
        "reason": {
            "is": "text",
            "needed": false
        }
    },
    "pistons_paired": {
        "pairs": {
            "is": "several",
            "needed": true
        }
    },
    "gaps_placed": {
        "cylinder": {
            "is": "text",
            "needed": true
        },
        "school": {
            "is": "choice",
            "needed": true
        },
        "angles": {
            "is": "several",
            "needed": true
        }
    },
    "mark_read": {
        "place": {
            "is": "text",
            "needed": true
        },
        "mark": {
            "is": "text",
            "needed": true
        }
    },
    "verdict_accepted": {
        "verdict": {
            "is": "text",
            "needed": true
        },
        "state": {
            "is": "choice",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "step_done": {
        "step": {
            "is": "text",
            "needed": true
        }
    },
    "hold_answered": {
        "hold": {
            "is": "text",
            "needed": true
        },
        "item": {
            "is": "number",
            "needed": true
        },
        "second": {
            "is": "text",
            "needed": false
        },
        "vouched": {
            "is": "several",
            "needed": false
        }
    },
    "hold_waived": {
        "hold": {
            "is": "text",
            "needed": true
        },
        "item": {
            "is": "number",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": false
        }
    },
    "second_waived": {
        "hold": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "slab_lifted": {
        "slab": {
            "is": "text",
            "needed": true
        },
        "crushed": {
            "is": "flag",
            "needed": false
        }
    },
    "slab_provisional": {
        "slab": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "act_done": {
        "act": {
            "is": "choice",
            "needed": true
        },
        "cylinder": {
            "is": "text",
            "needed": false
        },
        "ring": {
            "is": "text",
            "needed": false
        },
        "valve": {
            "is": "text",
            "needed": false
        },
        "note": {
            "is": "text",
            "needed": false
        }
    },
    "errands_changed": {
        "errands": {
            "is": "several",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "step_set_aside": {
        "step": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        },
        "taken_up": {
            "is": "flag",
            "needed": false
        }
    },
    "step_added": {
        "id": {
            "is": "text",
            "needed": true
        },
        "slab": {
            "is": "text",
            "needed": true
        },
        "name": {
            "is": "text",
            "needed": true
        },
        "why": {
            "is": "text",
            "needed": false
        },
        "needs": {
            "is": "several",
            "needed": false
        },
        "before": {
            "is": "several",
            "needed": false
        },
        "minutes": {
            "is": "number",
            "needed": false
        },
        "caution": {
            "is": "text",
            "needed": false
        },
        "kind": {
            "is": "choice",
            "needed": false
        },
        "cylinder": {
            "is": "text",
            "needed": false
        },
        "question": {
            "is": "text",
            "needed": false
        },
        "parts": {
            "is": "several",
            "needed": false
        },
        "tools": {
            "is": "several",
            "needed": false
        },
        "torque": {
            "is": "text",
            "needed": false
        }
    },
    "wait_started": {
        "what": {
            "is": "text",
            "needed": true
        },
        "time": {
            "is": "time",
            "needed": true
        },
        "seen": {
            "is": "text",
            "needed": false
        },
        "step": {
            "is": "text",
            "needed": false
        }
    },
    "wait_seen": {
        "wait": {
            "is": "text",
            "needed": true
        }
    },
    "ledger_in": {
        "what": {
            "is": "text",
            "needed": true
        },
        "slab": {
            "is": "text",
            "needed": true
        },
        "dropped": {
            "is": "flag",
            "needed": false
        }
    },
    "ledger_out": {
        "what": {
            "is": "text",
            "needed": true
        }
    },
    "debt_owed": {
        "what": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        },
        "release": {
            "is": "text",
            "needed": false
        }
    },
    "debt_paid": {
        "what": {
            "is": "text",
            "needed": true
        }
    },
    "school_chosen": {
        "matter": {
            "is": "text",
            "needed": true
        },
        "school": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": false
        }
    },
    "part_ordered": {
        "part": {
            "is": "text",
            "needed": true
        },
        "promised": {
            "is": "day",
            "needed": false
        },
        "for": {
            "is": "several",
            "needed": false
        },
        "from": {
            "is": "text",
            "needed": false
        }
    },
    "part_arrived": {
        "part": {
            "is": "text",
            "needed": true
        },
        "note": {
            "is": "text",
            "needed": false
        },
        "photo": {
            "is": "text",
            "needed": false
        }
    },
    "part_wrong": {
        "part": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "part_taken": {
        "part": {
            "is": "text",
            "needed": true
        }
    },
    "part_reused": {
        "part": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": false
        }
    },
    "part_back": {
        "part": {
            "is": "text",
            "needed": true
        },
        "place": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": false
        }
    },
    "work_sent": {
        "cylinder": {
            "is": "text",
            "needed": true
        },
        "to": {
            "is": "text",
            "needed": true
        },
        "promised": {
            "is": "day",
            "needed": false
        }
    },
    "work_back": {
        "cylinder": {
            "is": "text",
            "needed": true
        },
        "note": {
            "is": "text",
            "needed": false
        }
    },
    "run_started": {
        "step": {
            "is": "text",
            "needed": true
        },
        "programme": {
            "is": "several",
            "needed": true
        }
    },
    "bolt_pulled": {
        "run": {
            "is": "text",
            "needed": true
        },
        "stage": {
            "is": "number",
            "needed": true
        },
        "bolt": {
            "is": "text",
            "needed": true
        },
        "torque": {
            "is": "torque",
            "needed": false
        },
        "angle": {
            "is": "angle",
            "needed": false
        },
        "felt": {
            "is": "flag",
            "needed": false
        },
        "moved": {
            "is": "flag",
            "needed": false
        },
        "past": {
            "is": "flag",
            "needed": false
        },
        "over": {
            "is": "flag",
            "needed": false
        },
        "feel": {
            "is": "choice",
            "needed": false
        },
        "with": {
            "is": "several",
            "needed": false
        }
    },
    "bolt_skipped": {
        "run": {
            "is": "text",
            "needed": true
        },
        "bolt": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        },
        "release": {
            "is": "text",
            "needed": false
        }
    },
    "bolt_replaced": {
        "run": {
            "is": "text",
            "needed": true
        },
        "bolt": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "stage_restarted": {
        "run": {
            "is": "text",
            "needed": true
        },
        "stage": {
            "is": "number",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "over_accepted": {
        "run": {
            "is": "text",
            "needed": true
        },
        "bolt": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "run_abandoned": {
        "run": {
            "is": "text",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        }
    },
    "pieces_laid": {
        "slab": {
            "is": "text",
            "needed": true
        },
        "pieces": {
            "is": "several",
            "needed": true
        },
        "crushed": {
            "is": "flag",
            "needed": false
        },
        "why": {
            "is": "text",
            "needed": false
        }
    },
    "thickness_decided": {
        "joints": {
            "is": "several",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": false
        },
        "supplies": {
            "is": "flag",
            "needed": false
        }
    },
    "dead_centre_read": {
        "cylinder": {
            "is": "text",
            "needed": true
        },
        "before": {
            "is": "angle",
            "needed": true
        },
        "after": {
            "is": "angle",
            "needed": true
        },
        "way": {
            "is": "choice",
            "needed": false
        },
        "resolution": {
            "is": "length",
            "needed": false
        }
    },
    "wheel_set": {
        "cylinder": {
            "is": "text",
            "needed": true
        }
    },
    "ignition_read": {
        "cylinder": {
            "is": "text",
            "needed": false
        },
        "degrees": {
            "is": "angle",
            "needed": false
        },
        "below_tdc": {
            "is": "length",
            "needed": false
        },
        "dial": {
            "is": "length",
            "needed": false
        },
        "tool": {
            "is": "text",
            "needed": false
        },
        "seen_by": {
            "is": "choice",
            "needed": false
        },
        "against": {
            "is": "flag",
            "needed": false
        },
        "rod": {
            "is": "length",
            "needed": false
        },
        "incline": {
            "is": "angle",
            "needed": false
        },
        "point": {
            "is": "several",
            "needed": false
        }
    },
    "ignition_moved": {
        "way": {
            "is": "choice",
            "needed": true
        },
        "rim": {
            "is": "length",
            "needed": false
        },
        "turn": {
            "is": "angle",
            "needed": false
        },
        "gap": {
            "is": "length",
            "needed": false
        }
    },
    "mark_punched": {
        "mark": {
            "is": "text",
            "needed": true
        },
        "off": {
            "is": "angle",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": false
        }
    },
    "cam_marks_read": {
        "cam": {
            "is": "text",
            "needed": true
        },
        "bank": {
            "is": "text",
            "needed": false
        },
        "off": {
            "is": "angle",
            "needed": false
        },
        "of": {
            "is": "choice",
            "needed": false
        },
        "rim": {
            "is": "length",
            "needed": false
        },
        "teeth": {
            "is": "number",
            "needed": false
        },
        "turned": {
            "is": "flag",
            "needed": false
        }
    },
    "cam_events_read": {
        "cylinder": {
            "is": "text",
            "needed": true
        },
        "side": {
            "is": "choice",
            "needed": true
        },
        "opens": {
            "is": "angle",
            "needed": true
        },
        "closes": {
            "is": "angle",
            "needed": true
        },
        "lift": {
            "is": "length",
            "needed": false
        },
        "tool": {
            "is": "text",
            "needed": false
        }
    },
    "cam_moved": {
        "cam": {
            "is": "text",
            "needed": true
        },
        "way": {
            "is": "choice",
            "needed": true
        },
        "bank": {
            "is": "text",
            "needed": false
        },
        "teeth": {
            "is": "number",
            "needed": false
        },
        "turn": {
            "is": "angle",
            "needed": false
        }
    },
    "shim_read": {
        "valve": {
            "is": "text",
            "needed": true
        },
        "size": {
            "is": "length",
            "needed": true
        },
        "by": {
            "is": "choice",
            "needed": false
        }
    },
    "shims_decided": {
        "shims": {
            "is": "several",
            "needed": true
        },
        "orders": {
            "is": "flag",
            "needed": false
        }
    },
    "shim_fitted": {
        "valve": {
            "is": "text",
            "needed": true
        },
        "size": {
            "is": "length",
            "needed": true
        },
        "source": {
            "is": "choice",
            "needed": true
        },
        "whose": {
            "is": "text",
            "needed": false
        }
    },
    "shims_shelved": {
        "plan": {
            "is": "text",
            "needed": true
        },
        "sizes": {
            "is": "several",
            "needed": true
        }
    },
    "stem_ground": {
        "valve": {
            "is": "text",
            "needed": true
        },
        "taken": {
            "is": "length",
            "needed": true
        }
    },
    "left_loose": {
        "valves": {
            "is": "several",
            "needed": true
        },
        "reason": {
            "is": "text",
            "needed": true
        },
        "recheck": {
            "is": "several",
            "needed": true
        }
    },
    "decompressor_set": {
        "slack": {
            "is": "length",
            "needed": true
        }
    },
    "rod_read": {
        "valve": {
            "is": "text",
            "needed": true
        },
        "length": {
            "is": "length",
            "needed": true
        }
    },
    "rods_let_out": {
        "cylinder": {
            "is": "text",
            "needed": true
        },
        "flats": {
            "is": "number",
            "needed": true
        }
    },
    "rods_spin": {
        "cylinder": {
            "is": "text",
            "needed": true
        },
        "valves": {
            "is": "several",
            "needed": false
        }
    },
    "order_seen": {
        "stack": {
            "is": "choice",
            "needed": true
        },
        "valve": {
            "is": "text",
            "needed": true
        }
    },
    "fluid_filled": {
        "fluid": {
            "is": "choice",
            "needed": true
        },
        "amount": {
            "is": "volume",
            "needed": true
        },
        "grade": {
            "is": "text",
            "needed": false
        },
        "sure": {
            "is": "flag",
            "needed": false
        }
    },
    "leak_gauge_read": {
        "pressure": {
            "is": "pressure",
            "needed": true
        },
        "starts": {
            "is": "flag",
            "needed": false
        },
        "after": {
            "is": "time",
            "needed": false
        }
    },
    "leak_found": {
        "where": {
            "is": "text",
            "needed": true
        },
        "how": {
            "is": "choice",
            "needed": true
        }
    },
    "leak_down_read": {
        "cylinder": {
            "is": "text",
            "needed": true
        },
        "supply": {
            "is": "pressure",
            "needed": true
        },
        "held": {
            "is": "pressure",
            "needed": true
        },
        "hisses": {
            "is": "several",
            "needed": false
        }
    },
    "compression_wet": {
        "cylinder": {
            "is": "text",
            "needed": true
        },
        "pressure": {
            "is": "pressure",
            "needed": true
        }
    },
    "start_seen": {
        "item": {
            "is": "text",
            "needed": true
        },
        "right": {
            "is": "flag",
            "needed": false
        },
        "note": {
            "is": "text",
            "needed": false
        }
    },
    "heat_cycle": {
        "stage": {
            "is": "choice",
            "needed": true
        },
        "temperature": {
            "is": "temperature",
            "needed": false
        }
    },
    "run_in_planned": {
        "hours_per_week": {
            "is": "number",
            "needed": true
        },
        "stages": {
            "is": "several",
            "needed": false
        },
        "rechecks": {
            "is": "several",
            "needed": false
        },
        "mixture": {
            "is": "several",
            "needed": false
        },
        "note": {
            "is": "text",
            "needed": false
        }
    },
    "recheck_done": {
        "recheck": {
            "is": "text",
            "needed": true
        },
        "note": {
            "is": "text",
            "needed": false
        }
    },
    "trial_made": {
        "trial": {
            "is": "text",
            "needed": true
        },
        "variant": {
            "is": "text",
            "needed": true
        },
        "found": {
            "is": "text",
            "needed": true
        },
        "conditions": {
            "is": "text",
            "needed": false
        },
        "figure": {
            "is": "text",
            "needed": false
        }
    },
    "trial_decided": {
        "trial": {
            "is": "text",
            "needed": true
        },
        "variant": {
            "is": "text",
            "needed": true
        },
        "because": {
            "is": "text",
            "needed": true
        }
    },
    "open_end": {
        "text": {
            "is": "text",
            "needed": true
        }
    },
    "handed_over": {
        "note": {
            "is": "text",
            "needed": false
        }
    }
} as const
